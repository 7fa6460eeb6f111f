import { beforeEach, describe, expect, it } from '@jest/globals';
import { entityIn, surveyOf } from '@etappe/core';
import type { DraftChange } from '@etappe/core';
import { ServerProblem } from '../server-connection.ts';
import { MemoryServer } from '../test/memory-server.ts';
import type { EditBatch } from './edit-batch.ts';
import { EditQueue } from './edit-queue.ts';

let server: MemoryServer;
let timers: (() => void)[];
let kept: Map<string, EditBatch>;
let clock: number;
let queue: EditQueue;
let ids = 0;
/** Calls and answers that get lost on the way: the next ones, in order. */
let losses: ('call' | 'answer')[];

const patch = (entity: string, fields: Record<string, unknown>): DraftChange => ({
  kind: 'surface',
  entity,
  op: 'patch',
  fields,
});
const side: DraftChange = { kind: 'side', entity: 's', op: 'create', fields: { name: 'S' } };
const value = (entity: string, field: string) => entityIn(server.state, entity)?.detail[field];
const shown = (entity: string, field: string) => entityIn(queue.state, entity)?.detail[field];

const makeId = () => {
  ids += 1;
  return `00000000-0000-7000-8000-${String(ids).padStart(12, '0')}`;
};

function newQueue(left: readonly EditBatch[] = []): EditQueue {
  timers = [];
  return new EditQueue(
    server.state,
    {
      send: async (changes) => {
        await Promise.resolve();
        const loss = losses.shift();
        if (loss === 'call') throw new ServerProblem(0, 'no network');
        const answer = server.apply(changes);
        if (loss === 'answer') throw new ServerProblem(0, 'no network');
        return answer;
      },
      makeId,
      now: () => new Date(clock),
      after: (_milliseconds, call) => {
        timers.push(call);
        return () => {
          timers = timers.filter((t) => t !== call);
        };
      },
      changed: () => undefined,
      keep: (batch) => kept.set(batch.id, batch),
      drop: (batch) => kept.delete(batch.id),
    },
    left,
  );
}
/** Lets timers and answers run until nothing more happens by itself. */
async function wind(): Promise<void> {
  for (let i = 0; i < 20 && timers.length > 0; i += 1) {
    timers.shift()?.();
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
}
/** What another device does, on what the server has now. */
const elsewhere = (...drafts: readonly DraftChange[]) =>
  server.apply(
    drafts.map((draft) => ({
      ...draft,
      id: makeId(),
      base: entityIn(server.state, draft.entity)?.revision ?? 0,
    })),
  );
const edit = (...drafts: readonly DraftChange[]) => {
  clock += 10_000;
  return queue.edit(drafts).faults;
};

beforeEach(() => {
  server = new MemoryServer({
    surfaces: ['wall', 'yard'].map((id) => ({
      id,
      material: 'concrete',
      size: '3x2',
      topMetres: 2,
      findings: [],
    })),
  });
  kept = new Map();
  losses = [];
  clock = 0;
  queue = newQueue();
});

describe('an edit', () => {
  it('is shown at once, kept on the device, and saved when typing settles, as one batch', async () => {
    queue.edit([patch('wall', { name: 'W' })]);
    queue.edit([patch('wall', { name: 'Wall A' })]);
    expect([shown('wall', 'name'), queue.saveState.kind, kept.size]).toEqual(['Wall A', 'saving', 1]);
    await wind();
    expect(server.batches.map((b) => b.map((c) => c.fields))).toEqual([[{ name: 'Wall A' }]]);
    expect([queue.saveState.kind, kept.size]).toEqual(['saved', 0]);
  });

  it('of another field, or after a while, is another one', async () => {
    edit(patch('wall', { name: 'W' }));
    queue.edit([patch('wall', { size: '5x5' })]);
    edit(patch('wall', { size: '6x6' }));
    await wind();
    expect(server.batches).toHaveLength(3);
  });

  it('that rests on what an older backup has lost is asked about, and what is shown is what the server has', async () => {
    const backup = server.state;
    edit(patch('wall', { name: 'Lost again' }));
    await wind();
    server.state = backup;
    edit(patch('wall', { size: '9x9' }));
    await wind();
    expect(value('wall', 'size')).toBe('3x2');
    expect(queue.saveState.refused[0]?.refused?.conflicts).toMatchObject([
      { field: 'size', yours: '9x9', theirs: '3x2' },
    ]);
    queue.beginAnew(server.state);
    expect(shown('wall', 'name')).toBe(value('wall', 'name'));
    queue.settle(queue.saveState.refused[0]?.id ?? '', { kind: 'choose', mine: () => true });
    await wind();
    expect([value('wall', 'size'), queue.unsaved]).toEqual(['9x9', false]);
  });

  it('that is not sound is not taken, and its faults name the field', () => {
    expect(edit(patch('wall', { topMetres: -4 })).map((f) => f.path)).toEqual(['wall.topMetres']);
    expect(queue.unsaved).toBe(false);
  });

  it('waits while the server is away and goes out in order when it is back', async () => {
    server.away = new ServerProblem(503, 'The database does not answer');
    edit(patch('wall', { name: 'Kept' }));
    timers.shift()?.();
    await new Promise((resolve) => setTimeout(resolve, 0));
    expect(queue.saveState).toMatchObject({
      kind: 'waiting',
      waiting: 1,
      reason: 'The database does not answer',
    });
    edit(side);
    edit(patch('wall', { side: 's' }));
    server.away = null;
    await wind();
    expect([value('wall', 'name'), value('wall', 'side'), queue.saveState.kind]).toEqual([
      'Kept',
      's',
      'saved',
    ]);
  });

  it('whose answer was lost is sent again and counts once', async () => {
    losses = ['answer'];
    edit(patch('wall', { name: 'Once' }));
    edit(patch('wall', { name: 'Twice' }));
    await wind();
    expect([value('wall', 'name'), entityIn(server.state, 'wall')?.revision]).toEqual(['Twice', 3]);
  });

  it('of the same field after one of one’s own is no conflict, whatever others did between', async () => {
    edit(patch('wall', { name: 'First' }));
    edit(patch('wall', { name: 'Second' }));
    elsewhere(patch('wall', { size: '9x9' }));
    await wind();
    expect([value('wall', 'name'), value('wall', 'size'), queue.saveState.refused]).toEqual([
      'Second',
      '9x9',
      [],
    ]);
  });
});

describe('an edit that an earlier page left', () => {
  it('is shown and sent by the next, though the first had already reached the server', async () => {
    losses = ['answer'];
    edit(patch('wall', { name: 'Left behind' }));
    timers.shift()?.();
    await new Promise((resolve) => setTimeout(resolve, 0));
    edit(patch('wall', { size: '8x8' }));
    queue = newQueue([...kept.values()]);
    expect([shown('wall', 'name'), shown('wall', 'size')]).toEqual(['Left behind', '8x8']);
    await wind();
    expect([value('wall', 'name'), value('wall', 'size'), kept.size]).toEqual(['Left behind', '8x8', 0]);
  });
});

describe('an edit that the server does not take', () => {
  const conflicted = async () => {
    edit(patch('wall', { name: 'Mine', size: '7x7', tiltDegrees: 80 }));
    elsewhere(patch('wall', { name: 'Theirs', size: '9x9' }));
    await wind();
    return queue.saveState.refused[0];
  };

  it('stays shown with both values of each field until a person chooses, field by field', async () => {
    const batch = await conflicted();
    expect(batch?.refused?.conflicts.map((c) => [c.field, c.yours, c.theirs])).toEqual([
      ['name', 'Mine', 'Theirs'],
      ['size', '7x7', '9x9'],
    ]);
    expect([shown('wall', 'name'), queue.saveState.kind]).toEqual(['Mine', 'saved']);
    queue.settle(batch?.id ?? '', { kind: 'choose', mine: ({ field }) => field === 'name' });
    await wind();
    expect(['name', 'size', 'tiltDegrees'].map((f) => value('wall', f))).toEqual(['Mine', '9x9', 80]);
    expect([queue.unsaved, kept.size]).toEqual([false, 0]);
  });

  it('makes no other survey of what is only acknowledged, or told once more', async () => {
    edit(patch('wall', { name: 'Mine' }));
    const edited = surveyOf(queue.state);
    await wind();
    expect([queue.saveState.kind, surveyOf(queue.state) === edited]).toEqual(['saved', true]);
    queue.merge(server.since(0).entities);
    expect(surveyOf(queue.state)).toBe(edited);
    elsewhere(patch('wall', { name: 'Theirs' }));
    queue.merge(server.since(0).entities);
    expect([shown('wall', 'name'), surveyOf(queue.state) === edited]).toEqual(['Theirs', false]);
  });

  it('can give way to theirs', async () => {
    elsewhere(patch('wall', { name: 'Theirs' }));
    edit(patch('wall', { name: 'Mine' }));
    await wind();
    queue.settle(queue.saveState.refused[0]?.id ?? '', { kind: 'choose', mine: () => false });
    queue.merge(server.since(0).entities);
    expect([shown('wall', 'name'), queue.unsaved]).toEqual(['Theirs', false]);
  });

  it('does not hold up what does not rest on it', async () => {
    await conflicted();
    edit(patch('yard', { name: 'Goes on' }));
    edit(patch('wall', { note: 'waits' }));
    await wind();
    expect([value('yard', 'name'), value('wall', 'note')]).toEqual(['Goes on', '']);
    expect(queue.saveState).toMatchObject({ waiting: 1, refused: [{}] });
    queue.settle(queue.saveState.refused[0]?.id ?? '', { kind: 'give-up' });
    await wind();
    expect([value('wall', 'note'), value('wall', 'name'), queue.unsaved]).toEqual(['waits', 'Theirs', false]);
  });

  it('because of another’s edits deletes nothing until a person says so', async () => {
    edit({ kind: 'surface', entity: 'yard', op: 'delete', fields: {} });
    elsewhere(patch('yard', { name: 'Needed' }));
    await wind();
    expect(value('yard', 'name')).toBe('Needed');
    queue.settle(queue.saveState.refused[0]?.id ?? '', { kind: 'choose', mine: () => true });
    await wind();
    expect([entityIn(server.state, 'yard'), queue.unsaved]).toEqual([null, false]);
  });

  it('because the thing is gone can bring it back as it was known', async () => {
    edit(patch('yard', { name: 'Kept by me' }));
    elsewhere({ kind: 'surface', entity: 'yard', op: 'delete', fields: {} });
    await wind();
    const [batch] = queue.saveState.refused;
    expect(batch?.refused?.conflicts).toMatchObject([{ field: '*', theirs: null }]);
    queue.settle(batch?.id ?? '', { kind: 'choose', mine: () => true });
    await wind();
    expect([value('yard', 'name'), value('yard', 'size')]).toEqual(['Kept by me', '3x2']);
  });

  it('because it breaks a rule of the whole can be mended by another edit and sent again', async () => {
    edit(patch('wall', { side: 'nowhere' }));
    await wind();
    const [batch] = queue.saveState.refused;
    expect(batch?.refused?.faults.map((f) => f.message)).toEqual(['there is no side "nowhere"']);
    elsewhere({ ...side, entity: 'nowhere' });
    queue.settle(batch?.id ?? '', { kind: 'send-again' });
    await wind();
    expect(value('wall', 'side')).toBe('nowhere');
  });

  it('is still there after a reload', async () => {
    await conflicted();
    queue = newQueue([...kept.values()]);
    expect(queue.saveState.refused).toHaveLength(1);
    expect(shown('wall', 'name')).toBe('Mine');
  });
});

describe('what others did', () => {
  it('is shown when it is asked for, with one’s own edits on top', () => {
    edit(patch('wall', { name: 'Mine' }));
    elsewhere(patch('wall', { name: 'Theirs', size: '9x9' }), side);
    queue.merge(server.since(0).entities);
    expect([shown('wall', 'name'), shown('wall', 'size'), shown('s', 'name')]).toEqual(['Mine', '9x9', 'S']);
  });
});
