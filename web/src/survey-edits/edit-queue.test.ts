import { beforeEach, describe, expect, it } from '@jest/globals';
import { applyChange, stateOf } from '@etappe/core';
import type { JobDetail, SurveyChange, SurveyState } from '@etappe/core';
import { ServerProblem } from '../server-connection.ts';
import type { AppliedBatch } from '../server-connection.ts';
import { EditQueue } from './edit-queue.ts';

/** A server in memory that can be away, and a clock that the test winds. */
let serverState: SurveyState;
let batches: (readonly SurveyChange[])[];
let failing: ServerProblem | null;
let timers: (() => void)[];
let queue: EditQueue;
let ids = 0;

const wall = (fields: Record<string, unknown>) => ({
  kind: 'surface' as const,
  entity: 'wall',
  op: 'patch' as const,
  base: revision(),
  fields,
});
const revision = () => queue.state.entities.get('wall')?.revision ?? 0;

async function send(changes: readonly SurveyChange[]): Promise<AppliedBatch> {
  await Promise.resolve();
  if (failing) throw failing;
  batches.push(changes);
  for (const change of changes) {
    const outcome = applyChange(serverState, change);
    if (!outcome.ok)
      throw new ServerProblem(outcome.conflicts.length > 0 ? 409 : 422, 'no', {
        faults: outcome.faults,
        conflicts: outcome.conflicts,
      });
    serverState = outcome.state;
  }
  return {
    entities: changes.map((c) => ({ id: c.entity, entity: serverState.entities.get(c.entity) ?? null })),
  };
}
async function wind(): Promise<void> {
  const [next] = timers.splice(0, 1);
  next?.();
  await new Promise((resolve) => setTimeout(resolve, 0));
}
const elsewhere = (fields: Record<string, unknown>) => {
  const outcome = applyChange(serverState, {
    ...wall(fields),
    id: 'other',
    base: serverState.entities.get('wall')?.revision ?? 0,
  });
  if (outcome.ok) serverState = outcome.state;
};

beforeEach(() => {
  const surface = {
    id: 'wall',
    position: 0,
    name: 'Wall',
    side: null,
    band: 'wall' as const,
    material: 'concrete',
    finish: 'bare' as const,
    conditions: [],
    size: '3x2',
    footMetres: 0,
    topMetres: 2,
    tiltDegrees: 90,
    drainsOnto: [],
    beside: [],
    inScope: true,
    scopeReason: '',
  };
  serverState = stateOf('job', {
    job: { name: 'Job' } as JobDetail,
    sides: [],
    surfaces: [surface],
    features: [],
    waterPoints: [],
    findings: [],
    choices: [],
  });
  batches = [];
  failing = null;
  timers = [];
  queue = new EditQueue(serverState, {
    send,
    makeId: () => `id-${String((ids += 1))}`,
    now: () => new Date(0),
    after: (_milliseconds, call) => {
      timers.push(call);
      return () => {
        timers = timers.filter((t) => t !== call);
      };
    },
    changed: () => undefined,
  });
});

describe('an edit', () => {
  it('is shown at once and saved when typing settles, as one patch per entity', async () => {
    queue.edit([wall({ name: 'W' })]);
    queue.edit([wall({ name: 'Wall A' })]);
    expect(queue.state.entities.get('wall')?.detail['name']).toBe('Wall A');
    expect(queue.saveState.kind).toBe('saving');
    await wind();
    expect(batches.map((b) => b.map((c) => c.fields))).toEqual([[{ name: 'Wall A' }]]);
    expect(queue.saveState.kind).toBe('saved');
  });

  it('that is not sound is not taken, and its faults name the field', () => {
    expect(queue.edit([wall({ topMetres: -4 })]).map((f) => f.path)).toEqual(['wall.topMetres']);
    expect(queue.unsaved).toBe(false);
  });

  it('waits while the server is away and goes out when it is back', async () => {
    failing = new ServerProblem(503, 'The database does not answer');
    queue.edit([wall({ name: 'Kept' })]);
    await wind();
    expect(queue.saveState).toMatchObject({ kind: 'waiting', count: 1 });
    queue.edit([wall({ size: '5x5' })]);
    failing = null;
    await wind();
    await wind();
    expect(serverState.entities.get('wall')?.detail).toMatchObject({ name: 'Kept', size: '5x5' });
    expect(queue.saveState.kind).toBe('saved');
  });

  it("of the same field after one of one's own is no conflict, whatever others did between", async () => {
    queue.edit([wall({ name: 'First' })]);
    elsewhere({ size: '9x9' });
    await wind();
    queue.edit([wall({ name: 'Second' })]);
    await wind();
    expect(serverState.entities.get('wall')?.detail).toMatchObject({ name: 'Second', size: '9x9' });
    expect(queue.saveState.kind).toBe('saved');
  });

  it('that conflicts stays shown until a person chooses', async () => {
    elsewhere({ name: 'Theirs' });
    queue.edit([wall({ name: 'Mine' })]);
    await wind();
    expect(queue.saveState).toMatchObject({
      kind: 'refused',
      conflicts: [{ field: 'name', yours: 'Mine', theirs: 'Theirs' }],
    });
    expect(queue.state.entities.get('wall')?.detail['name']).toBe('Mine');
    queue.settle('mine', serverState);
    await wind();
    expect(serverState.entities.get('wall')?.detail['name']).toBe('Mine');
  });

  it('that conflicts can give way to theirs', async () => {
    elsewhere({ name: 'Theirs' });
    queue.edit([wall({ name: 'Mine' })]);
    await wind();
    queue.settle('theirs', serverState);
    expect(queue.state.entities.get('wall')?.detail['name']).toBe('Theirs');
    expect(queue.unsaved).toBe(false);
  });

  it('that creates and deletes before it was sent never leaves', async () => {
    queue.edit([{ kind: 'side', entity: 's', op: 'create', base: 0, fields: { name: 'S' } }]);
    queue.edit([{ kind: 'side', entity: 's', op: 'delete', base: 1, fields: {} }]);
    await wind();
    expect(batches).toEqual([]);
    expect(queue.state.entities.has('s')).toBe(false);
  });
});
