import { ON_TOP, applyChanges, entityIn } from '@etappe/core';
import type { SurveyChange, SurveyFault, SurveyState, VersionedEntity } from '@etappe/core';
import { replaceEqualDeep } from '@tanstack/react-query';
import { say } from '../messages/survey-edits.ts';

/** A change as it is shown, even where the server will ask about it: a creation of what the server has by now sets its fields. */
function onTop(state: SurveyState, change: SurveyChange): SurveyChange {
  if (change.op !== 'create') return { ...change, base: ON_TOP };
  return entityIn(state, change.entity) ? { ...change, op: 'patch', base: ON_TOP } : change;
}

/** A survey with changes on top; those that fit nowhere any more are left out. */
export function shownWith(state: SurveyState, changes: readonly SurveyChange[]): SurveyState {
  const whole = applyChanges(
    state,
    changes.map((change) => (change.op === 'create' ? change : { ...change, base: ON_TOP })),
  );
  // One by one only where something does not fit: thousands of surfaces may come in one edit.
  if (whole.ok) return whole.state;
  return changes.reduce((shown, change) => {
    const outcome = applyChanges(shown, [onTop(shown, change)]);
    return outcome.ok ? outcome.state : shown;
  }, state);
}

/**
 * Whether changes are sound on what is shown.
 * @returns the faults; empty when they are
 */
export function faultsOn(state: SurveyState, changes: readonly SurveyChange[]): readonly SurveyFault[] {
  const outcome = applyChanges(
    state,
    changes.map((change) => (change.op === 'create' ? change : { ...change, base: ON_TOP })),
  );
  if (outcome.ok) return [];
  return outcome.faults.length > 0
    ? outcome.faults
    : [{ path: changes[0]?.entity ?? '', message: say('this-was-deleted-elsewhere-in') }];
}

/** A survey with entities as the server has them, null for those that are gone; what it knows already changes nothing. */
export function withEntities(
  state: SurveyState,
  touched: readonly { readonly id: string; readonly entity: VersionedEntity | null }[],
): SurveyState {
  const news = touched.filter(({ id, entity }) => {
    const shown = entityIn(state, id);
    // Not by revision: what was deleted and made anew begins to count from one again.
    return entity ? replaceEqualDeep(shown, entity) !== shown : shown !== null;
  });
  if (news.length === 0) return state;
  const entities = new Map(state.entities);
  let { job } = state;
  for (const { id, entity } of news) {
    if (entity && id === job.id) job = entity;
    else if (entity) entities.set(id, entity);
    else entities.delete(id);
  }
  return { ...state, job, entities };
}

/**
 * A state with as much of the details of an earlier one as says the same: what is only acknowledged is no other survey, and of
 * what is edited the other fields stay the very same; nothing is derived or drawn again for them.
 */
export function withKeptDetails(next: SurveyState, before: SurveyState): SurveyState {
  const kept = (entity: VersionedEntity): VersionedEntity => {
    const entityBefore = entityIn(before, entity.id);
    if (!entityBefore || entityBefore.detail === entity.detail) return entity;
    return { ...entity, detail: replaceEqualDeep(entityBefore.detail, entity.detail) };
  };
  const entities = new Map(next.entities);
  let changed = false;
  for (const [id, entity] of next.entities) {
    const same = kept(entity);
    if (same === entity) continue;
    entities.set(id, same);
    changed = true;
  }
  const job = kept(next.job);
  return changed || job !== next.job ? { ...next, job, entities } : next;
}
