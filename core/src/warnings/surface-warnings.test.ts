import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';

const algae = [{ contaminant: 'green-algae', severity: 2 }];
const planOf = (more: Record<string, unknown>) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    surfaces: [{ id: 'wall', material: 'concrete', size: '6x2', findings: algae }],
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
};
const site = (features: readonly Record<string, unknown>[], more: Record<string, unknown> = {}) => ({
  site: { features, ...more },
  surfaces: [
    {
      id: 'wall',
      material: 'concrete',
      size: '6x2',
      findings: algae,
      drainsOnto: features.map((f) => f['id']),
    },
  ],
});

describe('open questions', () => {
  it('ask for water, for where drains lead and for electrics, until they are answered', () => {
    const asked = (more: Record<string, unknown>) => planOf(more).questions.map((q) => q.rule);
    const features = [
      { id: 'drain', kind: 'drain' },
      { id: 'sockets', kind: 'electrics' },
    ];
    expect(asked(site([...features, { id: 'door', kind: 'door', behind: 'a hall' }]))).toEqual([
      'water-point',
      'drain-destination',
      'electrics-weatherproof',
      'windows',
    ]);
    expect(asked(site(features))).not.toContain('windows');
    const answered = site(
      [
        { id: 'drain', kind: 'drain', leadsTo: 'foul-sewer' },
        { id: 'sockets', kind: 'electrics', weatherproof: 'yes', isolated: 'yes' },
      ],
      { waterPoints: [{ id: 'tap', flowLitresPerMinute: 12 }], answers: { windows: 'all shut' } },
    );
    expect(asked(answered)).toEqual([]);
  });
});

describe('protections', () => {
  it('come before and after for what treated surfaces touch, and for nothing else', () => {
    const made = planOf({
      ...site([{ id: 'roses', kind: 'plant-bed' }]),
      site: {
        features: [
          { id: 'roses', kind: 'plant-bed' },
          { id: 'far-pond', kind: 'pond' },
        ],
      },
    });
    expect(new Set(made.protections.map((p) => p.feature))).toEqual(new Set(['roses', null]));
  });
});

describe('reach', () => {
  it('that cannot be had is a stop with its ways out, and none where something comes along', () => {
    const high = (gear: object) =>
      planOf({
        surfaces: [
          {
            id: 'wall',
            material: 'painted-render',
            size: '4x3',
            topMetres: 9,
            findings: [{ contaminant: 'green-algae', severity: 2 }],
          },
        ],
        house: { gear },
      }).warnings.filter((w) => w.rule === 'out-of-reach');
    expect(high({})).toMatchObject([
      {
        severity: 'stop',
        surface: 'wall',
        text: expect.stringMatching(/out of reach.*pole, ladder, tower or lift.*out of scope/) as unknown,
      },
    ]);
    expect(high({ longestPoleMetres: 9 })).toEqual([]);
  });
});

describe('the weather', () => {
  it.each([
    [{ windMetresPerSecond: 4 }, []],
    [{ windMetresPerSecond: 6 }, ['warn']],
    [{ windMetresPerSecond: 9 }, ['stop']],
  ])('with %j gives %j for drift', (weather, severities) => {
    expect(
      planOf({ weather })
        .warnings.filter((w) => w.rule === 'spray-drift')
        .map((w) => w.severity),
    ).toEqual(severities);
  });

  it('below what an agent works from refuses it, and warns where somebody goes on all the same', () => {
    const choice = {
      surface: 'wall',
      contaminant: 'green-algae',
      method: 'pre-treat-and-surface-clean',
      by: 'Ida',
      at: '2026-05-04T08:00:00Z',
    };
    const at = (temperatureC: number, reason: string) => {
      const made = planOf({ weather: { temperatureC }, choices: [{ ...choice, reason }] });
      const [proposal] = made.surfaces[0]?.treatment?.proposals ?? [];
      return [
        proposal?.chosen?.method.id,
        made.warnings.map((w) => w.rule).filter((r) => r === 'cold' || r === 'rule-set-aside'),
      ];
    };
    expect(at(18, '')).toEqual(['pre-treat-and-surface-clean', []]);
    expect(at(3, '')[0]).not.toBe('pre-treat-and-surface-clean');
    expect(at(3, 'the sun comes at ten')).toEqual([
      'pre-treat-and-surface-clean',
      ['cold', 'rule-set-aside'],
    ]);
  });
});

describe('a surface left out', () => {
  it('is noted with its reason and gets no work', () => {
    const made = planOf({
      surfaces: [
        { id: 'wall', material: 'concrete', size: '6x2', findings: algae },
        {
          id: 'sill',
          material: 'concrete',
          size: '1x1',
          findings: algae,
          inScope: false,
          scopeReason: 'water creeps in',
        },
      ],
    });
    expect(made.warnings.find((w) => w.surface === 'sill')).toMatchObject({
      severity: 'note',
      text: 'Sill: not in this job: water creeps in.',
    });
    expect(made.work.planned.some(({ parts }) => parts.some((p) => p.surface === 'sill'))).toBe(false);
  });
});
