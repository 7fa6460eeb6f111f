import { describe, expect, it } from '@jest/globals';
import { referenceFaults, surveyOf } from '@etappe/core';
import type { DraftChange, SurveyState } from '@etappe/core';
import fc from 'fast-check';
import { ServerProblem } from '../server-connection.ts';
import { MemoryServer } from '../test/memory-server.ts';
import type { EditBatch } from './edit-batch.ts';
import { EditQueue } from './edit-queue.ts';

const FILE = {
  sides: [{ id: 'north' }],
  surfaces: ['wall', 'yard', 'roof'].map((id) => ({
    id,
    side: 'north',
    material: 'concrete',
    size: '3x2',
    findings: [{ id: `${id}-f`, contaminant: 'lichen', severity: 1 }],
  })),
};

let ids = 0;
const makeId = () => {
  ids += 1;
  return `00000000-0000-7000-8000-${String(ids).padStart(12, '0')}`;
};

/** A device with its queue, whose network loses calls and answers as it is told, and whose page may be loaded anew. */
class Device {
  queue: EditQueue;
  losses: ('call' | 'answer' | 'none')[] = [];
  private timers: (() => void)[] = [];
  private readonly kept = new Map<string, EditBatch>();
  private readonly server: MemoryServer;
  private sequence = 0;
  private clock = 0;

  constructor(server: MemoryServer) {
    this.server = server;
    this.queue = this.open([]);
  }

  private open(left: readonly EditBatch[]): EditQueue {
    this.timers = [];
    return new EditQueue(
      this.server.state,
      {
        send: async (changes) => {
          await Promise.resolve();
          const loss = this.losses.shift();
          if (loss === 'call') throw new ServerProblem(0, 'lost');
          const answer = this.server.apply(changes);
          if (loss === 'answer') throw new ServerProblem(0, 'lost');
          return answer;
        },
        makeId,
        now: () => new Date(this.clock),
        after: (_milliseconds, call) => {
          this.timers.push(call);
          return () => {
            this.timers = this.timers.filter((t) => t !== call);
          };
        },
        changed: () => undefined,
        keep: (batch) => this.kept.set(batch.id, batch),
        drop: (batch) => this.kept.delete(batch.id),
      },
      left,
    );
  }

  reload(): void {
    this.queue = this.open([...this.kept.values()].sort((a, b) => (a.id < b.id ? -1 : 1)));
  }

  edit(draft: DraftChange): void {
    this.clock += 400;
    this.queue.edit([draft]);
  }

  async step(): Promise<void> {
    this.timers.shift()?.();
    await new Promise((resolve) => setTimeout(resolve, 0));
  }

  pull(): void {
    const newer = this.server.since(this.sequence);
    this.sequence = newer.sequence;
    this.queue.merge(newer.entities);
  }

  /** A person sits down and decides everything that is open; what only breaks a rule is given up. */
  async settleAll(mine: boolean): Promise<void> {
    for (let i = 0; i < 60 && this.queue.unsaved; i += 1) {
      await this.step();
      const [batch] = this.queue.saveState.refused;
      if (!batch?.refused) continue;
      const conflict = batch.refused.conflicts.length > 0;
      this.queue.settle(batch.id, conflict ? { kind: 'choose', mine: () => mine } : { kind: 'give-up' });
      this.pull();
    }
  }
}

const surface = fc.constantFrom('wall', 'yard', 'roof', 'new-a', 'new-b');
const draft: fc.Arbitrary<DraftChange> = fc.oneof(
  fc.record({ entity: surface, value: fc.nat(3) }).map(({ entity, value }) => ({
    kind: 'surface' as const,
    entity,
    op: 'patch' as const,
    fields: { name: `n${value}` },
  })),
  fc.record({ entity: surface, value: fc.nat(3) }).map(({ entity, value }) => ({
    kind: 'surface' as const,
    entity,
    op: 'patch' as const,
    fields: { size: `${value + 1}x1`, tiltDegrees: value },
  })),
  fc
    .constantFrom('wall-f', 'yard-f')
    .map((entity) => ({ kind: 'finding' as const, entity, op: 'delete' as const, fields: {} })),
  fc.constantFrom('new-a', 'new-b').map((entity) => ({
    kind: 'surface' as const,
    entity,
    op: 'create' as const,
    fields: { name: 'New', material: 'granite', finish: 'bare', size: '1x1' },
  })),
  fc
    .record({ entity: fc.constantFrom('wall-f', 'yard-f', 'roof-f'), severity: fc.constantFrom(1, 2, 3, 4) })
    .map(({ entity, severity }) => ({
      kind: 'finding' as const,
      entity,
      op: 'patch' as const,
      fields: { severity },
    })),
  fc.constantFrom('wall-f', 'roof-f').map((entity) => ({
    kind: 'finding' as const,
    entity,
    op: 'create' as const,
    fields: { surface: entity.slice(0, -2), contaminant: 'lichen', severity: 2 },
  })),
);
const action = fc.oneof(
  { weight: 4, arbitrary: fc.record({ do: fc.constant('edit' as const), device: fc.nat(1), draft }) },
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant('step' as const),
      device: fc.nat(1),
      loss: fc.constantFrom('none' as const, 'none' as const, 'call' as const, 'answer' as const),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ do: fc.constantFrom('reload' as const, 'pull' as const), device: fc.nat(1) }),
  },
);

const sameForAll = (state: SurveyState) => ({
  job: state.job,
  entities: [...state.entities.values()].sort((a, b) => (a.id < b.id ? -1 : 1)),
});

/** Deleted, made again as undo does, and deleted once more before the server knows. */
const DELETED_TWICE = [
  {
    do: 'edit' as const,
    device: 0,
    draft: { kind: 'finding' as const, entity: 'wall-f', op: 'delete' as const, fields: {} },
  },
  {
    do: 'edit' as const,
    device: 0,
    draft: {
      kind: 'finding' as const,
      entity: 'wall-f',
      op: 'create' as const,
      fields: { surface: 'wall', contaminant: 'lichen', severity: 2 as const },
    },
  },
  { do: 'step' as const, device: 0, loss: 'none' as const },
  {
    do: 'edit' as const,
    device: 0,
    draft: { kind: 'finding' as const, entity: 'wall-f', op: 'delete' as const, fields: {} },
  },
];

describe('one device alone', () => {
  it('is never asked about its own edits, whatever is lost and loaded anew', async () => {
    const alone = action.map((a) => ({ ...a, device: 0 }));
    await fc.assert(
      fc.asyncProperty(fc.array(alone, { maxLength: 30 }), async (actions) => {
        const server = new MemoryServer(FILE);
        const device = new Device(server);
        const conflicts = () =>
          device.queue.saveState.refused.flatMap((batch) => batch.refused?.conflicts ?? []);
        for (const a of actions) {
          if (a.do === 'edit') device.edit(a.draft);
          else if (a.do === 'step') {
            device.losses = [a.loss];
            await device.step();
          } else if (a.do === 'pull') device.pull();
          else device.reload();
        }
        device.losses = [];
        for (let i = 0; i < 40; i += 1) await device.step();
        expect(conflicts()).toEqual([]);
      }),
      { numRuns: 150, examples: [[DELETED_TWICE]] },
    );
  }, 60_000);
});

describe('two devices on one job', () => {
  it('end with the same survey as the server, whatever was edited, lost, repeated and loaded anew', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(action, { maxLength: 40 }), fc.boolean(), async (actions, mine) => {
        const server = new MemoryServer(FILE);
        const devices = [new Device(server), new Device(server)] as const;
        for (const a of actions) {
          const device = a.device === 0 ? devices[0] : devices[1];
          if (a.do === 'edit') device.edit(a.draft);
          else if (a.do === 'step') {
            device.losses = [a.loss];
            await device.step();
          } else if (a.do === 'pull') device.pull();
          else device.reload();
        }
        for (const device of devices) {
          device.losses = [];
          await device.settleAll(mine);
        }
        for (const device of devices) {
          device.pull();
          expect(device.queue.unsaved).toBe(false);
          expect(sameForAll(device.queue.state)).toEqual(sameForAll(server.state));
        }
        expect(referenceFaults(surveyOf(server.state))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  }, 60_000);

  it('never lose a value silently: what one set and the other did not see is kept, or asked about', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ device: fc.nat(1), value: fc.nat(99), step: fc.boolean() }), {
          minLength: 2,
          maxLength: 12,
        }),
        async (edits) => {
          const server = new MemoryServer(FILE);
          const devices = [new Device(server), new Device(server)] as const;
          let typed = [null, null] as (string | null)[];
          for (const { device: which, value, step } of edits) {
            const device = which === 0 ? devices[0] : devices[1];
            device.edit({
              kind: 'surface',
              entity: 'wall',
              op: 'patch',
              fields: { name: `d${which} v${value}` },
            });
            typed = typed.map((t, i) => (i === which ? `d${which} v${value}` : t));
            if (step) await device.step();
          }
          for (const device of devices) for (let i = 0; i < 12; i += 1) await device.step();
          const name = server.state.entities.get('wall')?.detail['name'];
          for (const [i, last] of typed.entries()) {
            if (last === null) continue;
            // The last word of a device is the server's, or still stands on the device: to be sent, or to be decided on.
            const device = i === 0 ? devices[0] : devices[1];
            const stands =
              device.queue.state.entities.get('wall')?.detail['name'] === last && device.queue.unsaved;
            expect([last === name || stands, last]).toEqual([true, last]);
          }
        },
      ),
      { numRuns: 100 },
    );
  }, 60_000);
});
