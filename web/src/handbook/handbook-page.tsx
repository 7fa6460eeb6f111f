import { CATALOGUE_VERSION, HANDBOOK_KINDS, handbookSearch, lowerFirst } from '@etappe/core';
import type { HandbookEntry, HandbookKind, UnitSystem } from '@etappe/core';
import { Alert, Segmented } from 'antd';
import { useState } from 'react';
import { Link, NavLink, useParams, useSearchParams } from 'react-router';
import { PrintButton } from '../print-button.tsx';
import { CompanyHead } from '../lists/company-head.tsx';
import '../lists/lists.css';
import { ClassMatrix } from './class-matrix.tsx';
import { HandbookCard } from './handbook-card.tsx';
import { OurValuesPart } from './our-values-part.tsx';
import { CompanyPart } from './company-part.tsx';
import { LotsPart } from './lots-part.tsx';
import { PeoplePart } from './people-part.tsx';
import { ProductsPart } from './products-part.tsx';
import { SafetyFloorCard } from './safety-floor-card.tsx';
import { useHandbook } from './use-handbook.ts';
import { rich, say } from '../messages/handbook.ts';
import './handbook-page.css';

const KIND_NAMES: Readonly<Record<HandbookKind, string>> = {
  materials: say('materials'),
  contaminants: say('dirt-and-stains'),
  agents: say('agents'),
  tools: say('tools'),
  methods: say('methods'),
  limits: say('limits'),
  tests: say('site-tests'),
  schools: say('working-practices'),
  weights: say('priorities'),
};
const UNITS_KEY = 'etappe.handbook-units';
const UNIT_OPTIONS: { value: UnitSystem; label: string }[] = [
  { value: 'metric', label: say('metric') },
  { value: 'us', label: say('us') },
];
/** Pages that are no list of entries. */
const NEVER_MEET = 'never-meet';
const SAFETY = 'safety';
const PRODUCTS = 'products';
const LOTS = 'lots';
const PEOPLE = 'people';
const COMPANY = 'company';
const HOUSE = 'house';
const NO_LIST: readonly string[] = [NEVER_MEET, SAFETY, PRODUCTS, LOTS, PEOPLE, COMPANY, HOUSE];

/** What each surface bears, what each agent does and must never meet: to be searched, compared and printed. */
export function HandbookPage() {
  const { kind: page = 'materials', id } = useParams();
  const kind = HANDBOOK_KINDS.find((k) => k === page) ?? null;
  const [units, setUnits] = useHandbookUnits();
  const { catalogue, away } = useHandbook();
  const flags = catalogue.flags.length;
  return (
    <div className="jobs-page handbook">
      <CompanyHead />
      <main>
        <div className="jobs-bar">
          <h2>{say('handbook')}</h2>
          <span className="quiet">
            {say('catalogue-trade-defaults', { catalogueVersion: CATALOGUE_VERSION })}
          </span>
          <Segmented
            aria-label={say('units-of-the-handbook')}
            options={UNIT_OPTIONS}
            value={units}
            onChange={setUnits}
          />
          <PrintButton />
        </div>
        <nav className="handbook-kinds" aria-label={say('parts-of-the-handbook')}>
          {HANDBOOK_KINDS.map((k) => (
            <NavLink key={k} to={`/handbook/${k}`}>
              {KIND_NAMES[k]}
            </NavLink>
          ))}
          <NavLink to={`/handbook/${NEVER_MEET}`}>{say('never-mix')}</NavLink>
          <NavLink to={`/handbook/${SAFETY}`}>{say('safety-rules')}</NavLink>
          <NavLink to={`/handbook/${PRODUCTS}`}>{say('our-products')}</NavLink>
          <NavLink to={`/handbook/${LOTS}`}>{say('stock')}</NavLink>
          <NavLink to={`/handbook/${PEOPLE}`}>{say('our-people')}</NavLink>
          <NavLink to={`/handbook/${COMPANY}`}>{say('our-company')}</NavLink>
          <NavLink to={`/handbook/${HOUSE}`}>
            {say('our-values')}
            {flags > 0 && ` △ ${flags}`}
          </NavLink>
        </nav>
        {away !== null && (
          <Alert
            type="warning"
            showIcon
            title={say('your-own-entries-cannot-be')}
            description={say('showing-the-catalogue-as-shipped', { away })}
            style={{ marginBottom: 12 }}
          />
        )}
        {page === PRODUCTS && <ProductsPart id={id ?? null} />}
        {page === LOTS && <LotsPart id={id ?? null} />}
        {page === PEOPLE && <PeoplePart id={id ?? null} />}
        {page === COMPANY && <CompanyPart />}
        {page === HOUSE && <OurValuesPart />}
        {page === NEVER_MEET && <ClassMatrix />}
        {page === SAFETY && <SafetyFloorCard />}
        {kind && <Entries kind={kind} id={id ?? null} units={units} />}
        {!kind && !NO_LIST.includes(page) && (
          <p>
            {rich('the-handbook-has-no-part', {
              page,
              link: <Link to="/handbook">{say('go-to-materials')}</Link>,
            })}
          </p>
        )}
      </main>
    </div>
  );
}

/** The units that the device shows the handbook in; a job has its own. */
function useHandbookUnits(): readonly [UnitSystem, (units: UnitSystem) => void] {
  const [units, setUnits] = useState<UnitSystem>(() =>
    localStorage.getItem(UNITS_KEY) === 'us' ? 'us' : 'metric',
  );
  const keep = (next: UnitSystem) => {
    localStorage.setItem(UNITS_KEY, next);
    setUnits(next);
  };
  return [units, keep];
}

interface EntriesProps {
  readonly kind: HandbookKind;
  readonly units: UnitSystem;
  readonly id: string | null;
}

/** The entries of one kind beside the one that is open, and a second one to compare it with. */
function Entries({ kind, id, units }: EntriesProps) {
  const [search, setSearch] = useSearchParams();
  const { catalogue } = useHandbook();
  const find = search.get('find') ?? '';
  const group = search.get('group') ?? '';
  const all = handbookSearch('', kind, catalogue);
  const groups = [...new Set(all.map((e) => e.group))];
  const found = handbookSearch(find, kind, catalogue).filter((e) => group === '' || e.group === group);
  const open = all.find((e) => e.id === id) ?? null;
  const other = all.find((e) => e.id === search.get('with')) ?? null;
  const set = (key: string, value: string) => {
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === '') next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  };
  if (search.get('booklet') !== null)
    return (
      <div className="handbook-booklet">
        <p className="handbook-compare">
          {say('entries-to-be-printed', { foundCount: found.length })}{' '}
          <Link to={{ pathname: `/handbook/${kind}`, search: '' }}>{say('back-to-the-list')}</Link>
        </p>
        {found.map((entry) => (
          <HandbookCard key={entry.id} entry={entry} units={units} />
        ))}
      </div>
    );
  return (
    <div className={`handbook-columns ${open ? 'has-open' : ''}`}>
      <div className="handbook-list">
        <label className="jobs-find">
          <span className="visually-hidden">
            {say('find-in', { kindNames: lowerFirst(KIND_NAMES[kind]) })}
          </span>
          <input
            type="search"
            placeholder={say('any-of-its-names')}
            value={find}
            onChange={(event) => {
              set('find', event.target.value);
            }}
          />
        </label>
        <div className="chips" role="group" aria-label={say('groups')}>
          {/* Where everything is a group of its own there is nothing to choose. */}
          {(groups.length < found.length || group !== '' ? groups : []).map((g) => (
            <button
              key={g}
              type="button"
              className="chip"
              aria-pressed={g === group}
              onClick={() => {
                set('group', g === group ? '' : g);
              }}
            >
              {g}
            </button>
          ))}
        </div>
        <ul>
          {found.map((entry) => (
            <EntryLink key={entry.id} entry={entry} search={search.toString()} />
          ))}
        </ul>
        {found.length > 0 && (
          <p>
            <button
              type="button"
              className="chip"
              onClick={() => {
                set('booklet', '1');
              }}
            >
              {say('all-as-a-booklet', { foundCount: found.length })}
            </button>
          </p>
        )}
        {found.length === 0 && <p className="quiet">{say('nothing-by-that-name-try')}</p>}
      </div>
      {open && (
        <Link className="handbook-back" to={{ pathname: `/handbook/${kind}`, search: search.toString() }}>
          {say('all', { kindNames: lowerFirst(KIND_NAMES[kind]) })}
        </Link>
      )}
      <div className={`handbook-cards ${other ? 'two' : ''}`}>
        {id !== null && !open && <p>{say('the-catalogue-has-no-entry', { id })}</p>}
        {id === null && <p className="quiet">{say('open-an-entry-on-the')}</p>}
        {open && <HandbookCard entry={open} units={units} />}
        {open && other && <HandbookCard entry={other} units={units} />}
        {open && (
          <label className="handbook-compare">
            {say('compare-with')}{' '}
            <select
              value={other?.id ?? ''}
              onChange={(event) => {
                set('with', event.target.value);
              }}
            >
              <option value="">{say('nothing')}</option>
              {all
                .filter((e) => e.id !== open.id)
                .map((e) => (
                  <option key={e.id} value={e.id}>
                    {e.name}
                  </option>
                ))}
            </select>
          </label>
        )}
      </div>
    </div>
  );
}

function EntryLink({ entry, search }: { readonly entry: HandbookEntry; readonly search: string }) {
  return (
    <li>
      <NavLink to={{ pathname: `/handbook/${entry.kind}/${entry.id}`, search }}>
        {entry.name} <span className="quiet">{entry.group}</span>
      </NavLink>
    </li>
  );
}
