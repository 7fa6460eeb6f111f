import { dayVariants, formatDuration, money, roundTime, withVariant } from '@etappe/core';
import type { DayVariant, Plan, Survey, VariantFigures } from '@etappe/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useVariants } from '../planning/day-comparison.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/sequence.ts';

/** The same work with more or fewer people, another machine, other hours: what each takes, side by side, and taken by one press. */
export function DayComparison({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const [isOpen, setOpen] = useState(false);
  const { patch } = useJob();
  const { work } = plan;
  const variants = useMemo(() => dayVariants(survey, { work }), [survey, work]);
  const asked = useMemo(
    () => (isOpen ? [survey, ...variants.map((variant) => withVariant(survey, variant))] : null),
    [isOpen, survey, variants],
  );
  const figures = useVariants(asked);
  const [now] = figures;
  const hasRates = figures.some(({ wages }) => wages !== null);
  const rows: readonly (DayVariant | null)[] = [null, ...variants];
  return (
    <details
      className="day-comparison hairline"
      onToggle={({ currentTarget }) => {
        setOpen(currentTarget.open);
      }}
    >
      <summary>{say('compare')}</summary>
      <div className="sections-scroll">
        <table
          className="compared"
          aria-label={say('compare')}
          aria-busy={isOpen && figures.length < rows.length}
        >
          <thead>
            <tr>
              <th>{say('compare/what')}</th>
              <th>{say('compare/days')}</th>
              <th>{say('compare/takes')}</th>
              <th>{say('compare/ends')}</th>
              <th>{say('compare/paid')}</th>
              {hasRates && <th>{say('compare/wages')}</th>}
              <th />
            </tr>
          </thead>
          <tbody>
            {rows.map((variant, i) => (
              <tr key={variant?.id ?? 'now'}>
                <th scope="row">{variant?.name ?? say('compare/as-it-is')}</th>
                <Cells
                  figures={figures[i] ?? null}
                  now={i === 0 ? null : (now ?? null)}
                  hasRates={hasRates}
                />
                <td>
                  {variant && (
                    <Button
                      size="small"
                      aria-label={say('compare/take-it', { name: variant.name })}
                      onClick={() => {
                        patch({ house: { ...survey.job.house, ...variant.house } });
                      }}
                    >
                      {say('compare/take')}
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="quiet">{say('compare/how')}</p>
    </details>
  );
}

interface CellsProps {
  /** Null while they are being worked out. */
  readonly figures: VariantFigures | null;
  /** What they are told apart from. */
  readonly now: VariantFigures | null;
  /** Whether a column tells what the time costs. */
  readonly hasRates: boolean;
}

function Cells({ figures, now, hasRates }: CellsProps) {
  if (!figures)
    return (
      <td colSpan={hasRates ? 5 : 4} className="quiet">
        {say('compare/working')}
      </td>
    );
  const { days, tooLong, visitSeconds, finishSecondOfDay, paidSeconds, wages } = figures;
  return (
    <>
      <td className="figure">
        {days}
        {tooLong > 0 && <small> {say('compare/too-long', { tooLong })}</small>}
      </td>
      <td className="figure">
        {visitSeconds === null ? say('compare/none') : formatDuration(visitSeconds)}{' '}
        <Difference of={visitSeconds} from={now?.visitSeconds ?? null} />
      </td>
      <td className="figure">{finishSecondOfDay === null ? '' : roundTime(finishSecondOfDay)}</td>
      <td className="figure">
        {paidSeconds === null ? '' : formatDuration(paidSeconds)}{' '}
        <Difference of={paidSeconds} from={now?.paidSeconds ?? null} />
      </td>
      {hasRates && <td className="figure">{wages === null ? '' : money(wages)}</td>}
    </>
  );
}

function Difference({ of, from }: { readonly of: number | null; readonly from: number | null }) {
  if (of === null || from === null || Math.abs(of - from) < 60) return null;
  return (
    <small className="quiet">
      {of > from ? '+' : '−'}
      {formatDuration(Math.abs(of - from))}
    </small>
  );
}
