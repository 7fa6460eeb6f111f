import {
  decimal,
  isReadyToUse,
  methodFigures,
  signed,
  waitInWords,
  workedStages,
  lowerFirst,
} from '@etappe/core';
import type { ContaminantProposal, CompanyCatalogue, Method, RankedMethod } from '@etappe/core';
import { Modal } from 'antd';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { say } from '../messages/treat.ts';

interface Props {
  readonly name: string;
  readonly proposal: ContaminantProposal;
  readonly catalogue: CompanyCatalogue;
  readonly close: () => void;
}

/** Two permitted methods side by side: points, figures and stages. */
export function CompareMethods({ name, proposal, catalogue, close }: Props) {
  const { chosen, alternatives } = proposal;
  const all = [...(chosen ? [chosen] : []), ...alternatives];
  const [left, setLeft] = useState(all[0]?.method.id ?? '');
  const [right, setRight] = useState(all[1]?.method.id ?? '');
  const found = [left, right].map((id) => all.find((r) => r.method.id === id));
  const options = all.map((r) => ({ value: r.method.id, label: r.method.name }));
  const rows: readonly (readonly [string, (ranked: RankedMethod) => ReactNode])[] = [
    [say('points'), (r) => <b className="figure">{decimal(r.points, 1)}</b>],
    ...factorRows(found.filter((ranked) => ranked !== undefined)),
    [say('worn'), (r) => wornFor(r.method, catalogue).join(', ') || say('as-the-label-says')],
    [
      say('stages'),
      (r) => <Stages method={r.method} severity={proposal.finding.severity} catalogue={catalogue} />,
    ],
    [say('to-be-expected'), (r) => r.method.expectation ?? say('the-result-shows-the-same')],
  ];
  return (
    <Modal
      open
      title={say('side-by-side-against', { name: lowerFirst(name) })}
      footer={null}
      onCancel={close}
      width={860}
    >
      <table className="compare-table">
        <thead>
          <tr>
            <th>
              <span className="visually-hidden">{say('what')}</span>
            </th>
            <th>
              <ChoiceField label={say('one-method')} value={left} options={options} take={setLeft} />
            </th>
            <th>
              <ChoiceField label={say('the-other')} value={right} options={options} take={setRight} />
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, of]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              {found.map((ranked, i) => (
                <td key={i}>{ranked ? of(ranked) : ''}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}

/** A row for everything that counts for or against any of the methods. */
function factorRows(all: readonly RankedMethod[]) {
  const names = new Map(all.flatMap((r) => r.factors.map((f) => [f.id, f.name] as const)));
  return [...names].map(
    ([id, name]) =>
      [
        name,
        (ranked: RankedMethod) => {
          const factors = ranked.factors.filter((f) => f.id === id);
          return factors.length === 0
            ? '–'
            : factors.map((f) => (
                <div key={f.figure}>
                  <span className="figure">{signed(f.points)}</span> <span className="quiet">{f.figure}</span>
                </div>
              ));
        },
      ] as const,
  );
}

function wornFor(method: Method, catalogue: CompanyCatalogue): readonly string[] {
  return [
    ...new Set(
      workedStages(method).flatMap((s) => (s.kind === 'apply' ? catalogue.agent(s.agent).protection : [])),
    ),
  ];
}

interface StagesProps {
  readonly method: Method;
  readonly severity: 1 | 2 | 3 | 4;
  readonly catalogue: CompanyCatalogue;
}

function Stages({ method, severity, catalogue }: StagesProps) {
  const figures = methodFigures(method, severity, catalogue);
  return (
    <>
      <ol className="compare-stages">
        {method.stages.map((stage, i) => (
          <li key={i}>
            {stage.kind === 'wait'
              ? waitInWords({ ...stage, method: method.id })
              : `${stage.kind}: ${stage.kind === 'apply' ? applied(stage, severity, catalogue) : catalogue.tool(stage.tool).name}`}
          </li>
        ))}
      </ol>
      <span className="quiet">
        {say('h-hands-on-for-100', {
          hoursPerHundredSquareMetres: decimal(figures.hoursPerHundredSquareMetres, 1),
        })}
      </span>
    </>
  );
}

function applied(
  stage: Extract<Method['stages'][number], { kind: 'apply' }>,
  severity: 1 | 2 | 3 | 4,
  catalogue: CompanyCatalogue,
): string {
  const agent = catalogue.agent(stage.agent);
  const strength = isReadyToUse(agent)
    ? say('ready-to-use')
    : `${stage.strengthGramsPerLitre[severity - 1]} g/L`;
  const dwell = stage.leaveOn
    ? say('left-on')
    : say('min-from', { from: decimal(stage.dwellMinutes.from, 1), to: decimal(stage.dwellMinutes.to, 1) });
  return `${lowerFirst(agent.name)} ${strength}, ${dwell}`;
}
