import { settingInWords, valueOf, lowerFirst } from '@etappe/core';
import type {
  CatalogueOverride,
  CompanyCatalogue,
  LoggedHandbookChange,
  OwnMaterial,
  OwnMethod,
} from '@etappe/core';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { shownMoment } from '../today.ts';
import { Faults } from './faults.tsx';
import { useHandbook } from './use-handbook.ts';
import { say } from '../messages/handbook.ts';

/** What the company has made of the catalogue, what must be looked at, and who did what. */
export function OurValuesPart() {
  const { handbook, catalogue, change } = useHandbook();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const { overrides, materials, methods } = handbook;
  const send = (entry: string, detail: object | null) =>
    void change([{ part: 'override', entry, detail }]).then(setFaults);
  return (
    <div className="house-part">
      <Faults faults={faults} />
      <section>
        <h3>{say('our-values')}</h3>
        {overrides.length === 0 && <p className="quiet">{say('none-trade-defaults-apply-set')}</p>}
        <ul className="house-list">
          {overrides.map((override) => (
            <li key={override.id}>
              <OverrideLine override={override} catalogue={catalogue} />
              {catalogue.flags
                .filter((flag) => flag.override.id === override.id)
                .map((flag) => (
                  <p key={flag.rule} className="handbook-stop">
                    △ {flag.text}
                  </p>
                ))}
              <div className="house-value-acts">
                <Button
                  size="small"
                  onClick={() => {
                    send(override.id, null);
                  }}
                >
                  {say('back-to-the-default')}
                </Button>
                {catalogue.flags.some(
                  (f) => f.override.id === override.id && f.rule === 'default-changed',
                ) && (
                  <Button
                    size="small"
                    onClick={() => {
                      send(override.id, kept(override));
                    }}
                  >
                    {say('keep-our-value')}
                  </Button>
                )}
              </div>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h3>{say('our-materials')}</h3>
        <ul className="house-list">
          {materials.map((own) => (
            <OwnLine key={own.id} part="material" own={own} name={own.name} />
          ))}
        </ul>
        {materials.length === 0 && <p className="quiet">{say('none-on-the-card-of-a-material')}</p>}
      </section>
      <section>
        <h3>{say('our-methods')}</h3>
        <ul className="house-list">
          {methods.map((own) => (
            <OwnLine key={own.id} part="method" own={own} name={own.method.name} />
          ))}
        </ul>
        {methods.length === 0 && <p className="quiet">{say('none-on-the-card-of')}</p>}
      </section>
      <LogSection catalogue={catalogue} />
    </div>
  );
}

interface OwnProps {
  readonly part: 'material' | 'method';
  readonly own: OwnMaterial | OwnMethod;
  readonly name: string;
}

function OwnLine({ part, own, name }: OwnProps) {
  const { change } = useHandbook();
  const { id, ...detail } = own;
  return (
    <li>
      {own.putAway ? <b>{name}</b> : <Link to={`/handbook/${part}s/${id}`}>{name}</Link>}{' '}
      <span className="quiet">
        {say('by-what-words', {
          whatWords: 'like' in own ? say('like', { like: own.like.replaceAll('-', ' ') }) : '',
          by: own.by,
          reason: own.reason,
          putAway: own.putAway ? 'yes' : 'no',
        })}
      </span>
      {own.putAway && (
        <div className="house-value-acts">
          <Button
            size="small"
            onClick={() => void change([{ part, entry: id, detail: { ...detail, putAway: false } }])}
          >
            {say('offer-again')}
          </Button>
        </div>
      )}
    </li>
  );
}

/** Looked at again: what it replaces now is the default of today. */
function kept({ id: _, ...override }: CatalogueOverride): object {
  return { ...override, replaced: valueOf(override)?.shipped ?? override.replaced };
}

const PAGES = {
  material: 'materials',
  condition: 'materials',
  agent: 'agents',
  method: 'methods',
  school: 'schools',
  weight: 'weights',
} as const;

function OverrideLine({
  override,
  catalogue,
}: {
  readonly override: CatalogueOverride;
  readonly catalogue: CompanyCatalogue;
}) {
  const { kind, entry, path, value, reason, by, at } = override;
  const about = valueOf(override);
  const name = nameOf(entry, catalogue);
  return (
    <>
      {kind === 'condition' ? <b>{name}</b> : <Link to={`/handbook/${PAGES[kind]}/${entry}`}>{name}</Link>},{' '}
      {lowerFirst(about?.name ?? path)}: <b className="figure">{settingInWords(value, about?.unit ?? '')}</b>{' '}
      <span className="quiet">
        {say('by-about-words', {
          aboutWords: about ? say('instead-of', { shipped: settingInWords(about.shipped, about.unit) }) : '',
          by,
          at: at.slice(0, 10),
          reason,
        })}
      </span>
    </>
  );
}

const PART_WORDS = {
  override: say('our-value'),
  product: 'product',
  material: 'material',
  method: 'method',
  lot: 'lot',
  person: 'person',
  profile: say('our-company'),
} as const;

function LogSection({ catalogue }: { readonly catalogue: CompanyCatalogue }) {
  const log = useQuery({ queryKey: queryKeys.handbookLog, queryFn: server.handbookLog });
  const changes = log.data?.changes ?? [];
  return (
    <section>
      <h3>{say('who-did-what')}</h3>
      {log.error && (
        <p className="quiet">{say('the-log-cannot-be-loaded', { message: log.error.message })}</p>
      )}
      {log.data && changes.length === 0 && <p className="quiet">{say('no-changes-yet')}</p>}
      <ol className="house-list">
        {changes.map((line) => (
          <li key={line.sequence}>
            <span className="figure">{shownMoment(line.at)}</span> {line.by}: {actOf(line, catalogue)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function actOf(
  { op, part, entry, before, after }: LoggedHandbookChange,
  catalogue: CompanyCatalogue,
): string {
  const act = op === 'remove' ? say('took-out') : before ? say('act-changed') : say('act-added');
  const detail = after ?? before ?? {};
  if (part === 'override') return say('our-value-of', { act, before: valueChange(before, after, catalogue) });
  const method = detail['method'] as { name?: string } | undefined;
  const name =
    (detail['name'] as string | undefined) ?? method?.name ?? (detail['lot'] as string | undefined) ?? entry;
  return say('the', { act, partWords: PART_WORDS[part], name });
}

/** What it is of, from what to what. */
function valueChange(
  before: LoggedHandbookChange['before'],
  after: LoggedHandbookChange['after'],
  catalogue: CompanyCatalogue,
): string {
  // Each was checked by the override's schema when it was written.
  const [from, to] = [before, after] as unknown as readonly [
    CatalogueOverride | null,
    CatalogueOverride | null,
  ];
  const about = to ?? from;
  if (!about) return '';
  const value = valueOf(about);
  const shown = (override: CatalogueOverride | null) =>
    override ? settingInWords(override.value, value?.unit ?? '') : 'default';
  return `${nameOf(about.entry, catalogue)}, ${lowerFirst(value?.name ?? about.path)}: ${shown(from)} → ${shown(to)}`;
}

function nameOf(entry: string, { materials, conditions, agents, methods }: CompanyCatalogue): string {
  return [...materials, ...conditions, ...agents, ...methods].find((e) => e.id === entry)?.name ?? entry;
}
