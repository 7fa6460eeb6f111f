import { isThere, wholeDay } from './crew-hours.ts';
import type { CrewHours } from './crew-hours.ts';
import type { PhaseGroups } from './phase-work.ts';
import type { PersonShare } from './share-out.ts';
import type { WorkBuilder } from './work-builder.ts';

/** Where work is that belongs to no face. */
export const SITE = 'site';

/**
 * Setting out before all work, and clearing up after it. Who comes later sets out when they come, and nobody waits for that; who leaves
 * earlier packs up just before.
 *
 * @param first and last: what else comes after the setting out, and before the clearing up
 */
export function frameVisit(
  builder: WorkBuilder,
  shares: readonly PersonShare[],
  there: readonly CrewHours[],
  {
    phases,
    first,
    last,
  }: { readonly phases: readonly PhaseGroups[] } & Readonly<Record<'first' | 'last', readonly string[]>>,
): void {
  const whole = wholeDay(there);
  const hours = new Map(there.map((own) => [own.person, own]));
  const isThereOn = ({ person }: PersonShare) => {
    const own = hours.get(person);
    return own === undefined || isThere(own);
  };
  const at = (start: number) => [{ from: start, to: start }];
  const forAll = (task: 'set-out' | 'clear-up', seconds: (share: PersonShare) => number) =>
    shares.filter(isThereOn).map((share): { readonly id: string; readonly isOwn: boolean } => {
      const { person, mixes } = share;
      const id = `${task}.${person}`;
      const made = task === 'set-out' && mixes.length > 0 ? { mixes: mixes.map(({ stage }) => stage) } : {};
      const { from = 0, until = null } = hours.get(person) ?? {};
      const isOwn = !whole.has(person) && (task === 'set-out' ? from > 0 : until !== null);
      const start = task === 'set-out' ? from : (until ?? 0) - Math.ceil(seconds(share));
      const starts = isOwn ? { starts: at(Math.max(0, start)) } : {};
      builder.add(
        { id, cluster: id, seconds: seconds(share), zone: SITE, place: SITE, people: [person], ...starts },
        { task, parts: [], stages: [], section: null, areaSquareMetres: null, ...made },
      );
      return { id, isOwn };
    });
  const shared = (some: ReturnType<typeof forAll>) => some.flatMap(({ id, isOwn }) => (isOwn ? [] : [id]));
  const setOut = forAll('set-out', ({ secondsBefore }) => secondsBefore);
  builder.allAfter(
    [...first, ...phases.flatMap(({ groups }) => groups.flatMap((g) => g.first))],
    shared(setOut),
    'protections-first',
  );
  const clearUp = forAll('clear-up', ({ secondsAfter }) => secondsAfter);
  const ends = phases.flatMap((phase) => phase.ends);
  builder.allAfter(shared(clearUp), [...ends, ...last], 'uncover-last');
}
