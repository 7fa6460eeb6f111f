import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from '../order/crew-order.ts';
import { plan } from '../plan/plan.ts';

interface Given {
  readonly surface?: object;
  readonly patches?: readonly object[];
  readonly waivers?: readonly object[];
  readonly choices?: readonly object[];
}

const wall = { id: 'wall', name: 'Wall', size: '4x3', topMetres: 3 };
const rusty = { ...wall, material: 'concrete', findings: [{ contaminant: 'green-algae', severity: 2 }] };

function planned({ surface = {}, patches = [], waivers = [], choices = [] }: Given) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: {
      waterPoints: [{ id: 'tap' }],
      testPatches: patches.map((p, i) => ({
        id: `p-${i}`,
        surface: 'wall',
        tool: 'low-pressure-sprayer',
        ...p,
      })),
      waivers: waivers.map((w, i) => ({
        id: `w-${i}`,
        surface: 'wall',
        at: '2026-05-04T08:00:00.000Z',
        ...w,
      })),
    },
    surfaces: [{ ...rusty, ...surface }],
    choices,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  return { made, survey: reading.survey };
}
const stops = (given: Given) =>
  planned(given).made.warnings.flatMap((w) => (w.severity === 'stop' ? [w.rule] : []));
/** What the plan puts on first, for a patch that fits it. */
function applied(given: Given) {
  const stage = planned(given).made.surfaces[0]?.treatment?.stages.find((s) => s.kind === 'apply');
  if (!stage?.apply) throw new Error('nothing is put on');
  return {
    agent: stage.apply.agent,
    strengthGramsPerLitre: stage.apply.strengthGramsPerLitre,
    dwellMinutes: stage.apply.dwell?.fromMinutes ?? 0,
  };
}

const HISTORIC = { conditions: ['historic'] };
const TAG = { finish: 'sealed', findings: [{ contaminant: 'spray-paint', severity: 2, share: 0.1 }] };
const SOFT = { material: 'limestone', conditions: ['soft-stone'] };

describe('a test patch', () => {
  it.each<[string, object, readonly string[]]>([
    ['a plain face with an agent that it knows', {}, []],
    ['a face of unknown material', { unsureBetween: ['granite'] }, ['patch-missing']],
    ['a historic face', HISTORIC, ['patch-missing']],
    ['a soft face', SOFT, ['patch-missing']],
    ['a coating under a remover', TAG, ['patch-missing']],
    ['the same without a coating', { ...TAG, finish: 'bare' }, []],
  ])('%s', (_, surface, expected) => {
    expect(stops({ surface })).toEqual(expected);
  });

  it('is asked for where a harsh agent is picked, and not for the mild one', () => {
    const rust = { findings: [{ contaminant: 'surface-rust', severity: 2 }] };
    const pick = (method: string) => [
      { surface: 'wall', contaminant: 'surface-rust', method, by: 'Ada', at: '2026-05-04T08:00:00.000Z' },
    ];
    expect(stops({ surface: rust, choices: pick('rust-phosphoric') })).toEqual(['patch-missing']);
    expect(stops({ surface: rust, choices: pick('rust-oxalic') })).toEqual([]);
  });

  it('that passed lets the order go, if it was as strong and as long', () => {
    const now = applied({ surface: HISTORIC });
    const go = { ...now, verdict: 'go' };
    const given = (patch: object) => ({ surface: HISTORIC, patches: [patch] });
    expect(stops(given(go))).toEqual([]);
    expect(stops(given({ ...go, verdict: 'open' }))).toEqual(['patch-missing']);
    expect(stops(given({ ...go, strengthGramsPerLitre: now.strengthGramsPerLitre / 2 }))).toEqual([
      'patch-missing',
    ]);
    expect(stops(given({ ...go, dwellMinutes: now.dwellMinutes / 2 }))).toEqual(['patch-missing']);
    expect(stops(given({ ...go, agent: 'oxalic-acid' }))).toEqual(['patch-missing']);
  });

  it('that went wrong makes the plan choose another way, and says why', () => {
    const smooth = { surface: { material: 'painted-render' } };
    const { agent } = applied(smooth);
    const { made } = planned({
      ...smooth,
      patches: [{ agent, dwellMinutes: 10, verdict: 'no-go', result: 'pale halo' }],
    });
    const [proposal] = made.surfaces[0]?.treatment?.proposals ?? [];
    expect(applied({ ...smooth, patches: [{ agent, dwellMinutes: 10, verdict: 'no-go' }] }).agent).not.toBe(
      agent,
    );
    const refusals = proposal?.refused.flatMap((r) => r.refusals) ?? [];
    expect(refusals.find((r) => r.rule === 'patch-failed')?.text).toContain('pale halo');
    const later = [
      { agent, dwellMinutes: 10, verdict: 'no-go' },
      { agent, dwellMinutes: 10, verdict: 'go' },
    ];
    expect(applied({ ...smooth, patches: later }).agent).toBe(agent);
  });

  it('of a surface speaks for its zones, one of a zone for itself alone', () => {
    const { agent, ...how } = applied({ surface: HISTORIC });
    const zones = [{ id: 'foot', size: '4x0.5', findings: [{ contaminant: 'green-algae', severity: 2 }] }];
    const surface = { ...HISTORIC, zones };
    const go = { agent, ...how, verdict: 'go' };
    expect(stops({ surface })).toEqual(['patch-missing', 'patch-missing']);
    expect(stops({ surface, patches: [go] })).toEqual([]);
    expect(stops({ surface, patches: [{ ...go, zone: 'foot' }] })).toEqual(['patch-missing']);
  });

  it('may be waived by somebody who gives name and reason: it stands on the order', () => {
    const { agent } = applied({ surface: HISTORIC });
    const given = {
      surface: HISTORIC,
      waivers: [{ agent, reason: 'Tried on the twin wall last year', by: 'Ada' }],
    };
    expect(stops(given)).toEqual([]);
    const { made, survey } = planned(given);
    const [aside] = crewOrder(made, survey).setAside;
    expect(aside).toContain('Ada');
    expect(aside).toContain('Tried on the twin wall last year');
  });
});
