import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Finding } from '../survey/finding.ts';
import type { Surface } from '../survey/surface.ts';
import { restingStages } from '../treatment/resting-stages.ts';
import type { TreatmentInput } from './face-options.ts';
import { surface, finding, treat } from '../test/treated-wall.ts';
const choice = (contaminant: string, method: string): TreatmentInput['choices'][number] => ({
  id: contaminant,
  position: 0,
  surface: 'wall',
  contaminant,
  method,
  reason: '',
  by: 'Ada',
  at: '2026-05-04T08:00:00Z',
});
const chosen = (t: ReturnType<typeof treat>) => t.proposals.map((p) => p.chosen?.method.id);

describe('the treatment of a surface', () => {
  it('is empty for a clean one', () => {
    expect(treat(surface('concrete'), [])).toMatchObject({ proposals: [], stages: [], expectations: [] });
  });

  it('orders a chain oil, growth, acid, whatever the order in which things were found', () => {
    const t = treat(surface('concrete'), [
      finding('surface-rust'),
      finding('mineral-oil'),
      finding('green-algae'),
    ]);
    const agents = t.stages.flatMap((s) => (s.kind === 'apply' && s.apply ? [s.apply.agent] : []));
    expect(agents).toEqual(['caustic', 'hypochlorite', 'oxalic-acid']);
  });

  it('brings every opposed agent to rest before the acid: chlorine by ascorbate, caustic by citric acid', () => {
    const t = treat(surface('concrete'), [
      finding('surface-rust'),
      finding('mineral-oil'),
      finding('green-algae'),
    ]);
    const resting = t.stages.flatMap((s) => (s.kind === 'neutralise' && s.apply ? [s.apply.agent] : []));
    expect(resting).toEqual(['sodium-ascorbate', 'citric-acid', 'sodium-bicarbonate']);
    // Citric acid is an acid too: it only comes when the chlorine is gone.
    expect(resting.indexOf('sodium-ascorbate')).toBeLessThan(resting.indexOf('citric-acid'));
  });

  it('opens no cycle, not even its pre-wet, before what opposes it is rinsed, neutralised and read', () => {
    const schools = { 'pre-wet': 'always' };
    const rust = treat(surface('concrete'), [finding('green-algae', 3), finding('surface-rust', 3)], {
      schools,
    });
    const kinds = rust.stages.map((s) => `${s.kind}${s.apply ? ` ${s.apply.agent}` : ''}`);
    expect(kinds.slice(kinds.indexOf('apply hypochlorite'))).toEqual([
      'apply hypochlorite',
      'wash',
      'wash',
      'rinse',
      'neutralise sodium-ascorbate',
      'rinse',
      'reading',
      'pre-wet',
      'apply oxalic-acid',
      'rinse',
      'neutralise sodium-bicarbonate',
      'reading',
      'rinse',
    ]);
  });

  it('asks for rest on both sides: citric acid after hypochlorite, hypochlorite after an acid that says nothing of it', () => {
    const boards = [finding('mildew'), finding('leaf-tannin')];
    const choices = [choice('mildew', 'hypochlorite-scrub'), choice('leaf-tannin', 'citric-brighten-wood')];
    const painted = surface('larch-boards', { finish: 'sealed' });
    const t = treat(painted, boards, { choices });
    const kinds = t.stages.map((s) => `${s.kind}${s.apply ? ` ${s.apply.agent}` : ''}`);
    expect(kinds).toEqual([
      'apply hypochlorite',
      'agitate',
      'rinse',
      'rinse',
      'neutralise sodium-ascorbate',
      'rinse',
      'reading',
      'apply citric-acid',
      'rinse',
    ]);
    const mute = {
      ...CATALOGUE,
      agent: (id: string) => ({ ...CATALOGUE.agent(id), ...(id === 'citric-acid' ? { opposedTo: [] } : {}) }),
    };
    expect(treat(painted, boards, { choices, catalogue: mute }).stages).toHaveLength(t.stages.length);
  });

  it('lets citric acid pass as what neutralises caustic, not as what is put on after it', () => {
    const choices = [choice('mineral-oil', 'degrease-caustic-hot'), choice('surface-rust', 'citric-rust')];
    const t = treat(surface('concrete'), [finding('mineral-oil'), finding('surface-rust')], { choices });
    const agents = t.stages.flatMap((s) => (s.apply ? [`${s.kind} ${s.apply.agent}`] : []));
    expect(agents.slice(0, 3)).toEqual(['apply caustic', 'neutralise citric-acid', 'apply citric-acid']);
  });

  it('neutralises two alkalis at once where the later covers all of the earlier, and each where it does not', () => {
    const choices = [choice('mineral-oil', 'degrease-caustic-hot'), choice('spray-paint', 'shadow-alkaline')];
    const oiled = (share: number) =>
      treat(
        surface('concrete'),
        [
          { ...finding('mineral-oil'), share },
          { ...finding('spray-paint'), share: 0.5 },
          finding('surface-rust'),
        ],
        { choices },
      );
    const neutralised = (share: number) =>
      oiled(share).stages.flatMap((s) => (s.kind === 'neutralise' ? [s.neutralises.join(' and ')] : []));
    expect(neutralised(0.5).slice(0, 1)).toEqual(['caustic and alkaline-shadow-gel']);
    expect(neutralised(1).slice(0, 2)).toEqual(['alkaline-shadow-gel', 'caustic']);
    const [both, one] = [0.5, 1].map(
      (share) => oiled(share).stages.find((s) => s.kind === 'neutralise')?.apply?.strengthGramsPerLitre ?? 0,
    );
    expect(both).toBeGreaterThan(one ?? Infinity);
  });

  it('brings to rest before joints are filled what would oppose the leave-on after it', () => {
    const choices = [choice('moss', 'paving-wash'), choice('lichen', 'leave-on-biocide')];
    const found = [finding('moss', 4), finding('lichen', 2), finding('empty-joints')];
    const t = treat(surface('block-paving'), found, { choices });
    const kinds = t.parts.flatMap((part) => part.stages.map((s) => s.kind));
    expect(kinds).toContain('fill');
    expect(kinds.indexOf('neutralise')).toBeGreaterThan(0);
    expect(kinds.lastIndexOf('neutralise')).toBeLessThan(kinds.indexOf('fill'));
  });

  it('brings nothing to rest with an acid on a face that acid dissolves: it is rinsed and read', () => {
    const caustic = { agent: CATALOGUE.agent('caustic'), strength: 20, areaSquareMetres: 4 };
    const link = {
      method: CATALOGUE.method('degrease-caustic-hot'),
      severity: 2,
      areaSquareMetres: 4,
    } as const;
    const on = (material: string) =>
      restingStages(
        caustic,
        link,
        { surface: surface(material), shaded: false, catalogue: CATALOGUE },
        'x',
      ).map((s) => s.kind);
    expect(on('concrete')).toEqual(['neutralise', 'rinse', 'reading']);
    expect(on('limestone')).toEqual(['rinse', 'reading']);
  });

  it('brings to rest while it is wet anyway, and lets it dry after that', () => {
    const choices = [
      choice('lichen', 'leave-on-biocide'),
      choice('green-algae', 'pre-treat-and-surface-clean'),
    ];
    const t = treat(surface('concrete'), [finding('lichen'), finding('green-algae')], { choices });
    expect(t.parts[0]?.stages.slice(-3).map((s) => s.kind)).toEqual(['neutralise', 'rinse', 'reading']);
    expect(t.parts[1]?.stages.map((s) => s.kind)).toEqual(['reading', 'clear', 'apply']);
  });

  it('leaves the last coat of neutral cleaner on old stone, when all else on it is done', () => {
    const kinds = (findings: Parameters<typeof treat>[1]) =>
      treat(surface('limestone'), findings).stages.map(
        (s) => `${s.kind}${s.apply?.leaveOn ? ' left on' : ''}`,
      );
    const algae = finding('green-algae', 2);
    expect(kinds([algae])).toEqual(['pre-wet', 'apply', 'agitate', 'rinse', 'apply left on']);
    const rusty = kinds([algae, finding('surface-rust', 1)]);
    expect(rusty.filter((kind) => kind === 'rinse').length).toBeGreaterThan(1);
    expect(rusty.indexOf('apply left on')).toBe(rusty.length - 1);
    // Joints are filled afterwards: nothing is left on to wash about.
    const joints = treat(surface('cobbles'), [algae, finding('empty-joints', 2)], {
      choices: [choice('green-algae', 'neutral-soak-stone')],
    });
    expect(joints.parts.flatMap((p) => p.stages).some((s) => s.kind === 'fill')).toBe(true);
    expect(joints.parts.flatMap((p) => p.stages).some((s) => s.apply?.leaveOn)).toBe(false);
  });

  it('serves two findings by one application where that is best, at the worse severity and larger share', () => {
    const t = treat(surface('limestone'), [finding('green-algae', 2, 0.9), finding('mildew', 4, 0.3)], {
      schools: { result: 'same-day' },
    });
    expect(chosen(t)).toEqual(['neutral-soak-stone', 'neutral-soak-stone']);
    const applies = t.stages.filter((s) => s.kind === 'apply' && !s.apply?.leaveOn);
    expect(applies).toHaveLength(1);
    expect(applies[0]?.areaSquareMetres).toBe(36);
  });

  it('puts a leave-on that is picked beside a wet chain on another day, on the dry face', () => {
    const choices = [choice('lichen', 'leave-on-biocide')];
    const t = treat(surface('concrete'), [finding('lichen'), finding('surface-rust')], { choices });
    expect(
      t.parts.map((p) => [
        p.wait?.for ?? null,
        p.wait?.days.from ?? 0,
        p.stages.some((s) => s.apply?.leaveOn),
      ]),
    ).toEqual([
      [null, 0, false],
      ['dry', 1, true],
    ]);
    expect(t.parts[1]?.stages.map((s) => s.kind)).toEqual(['reading', 'clear', 'apply']);
    expect(treat(surface('concrete'), [finding('lichen')], { choices }).parts).toHaveLength(1);
  });

  it('goes by days alone where the house does', () => {
    const choices = [choice('lichen', 'leave-on-biocide')];
    const found = [finding('lichen'), finding('surface-rust')];
    const t = treat(surface('concrete'), found, { choices, schools: { drying: 'fixed-days' } });
    expect(t.parts[1]?.stages.map((s) => s.kind)).toEqual(['clear', 'apply']);
  });

  it('fills the sand joints that its own wash empties, on the dry face, and seals later where that is wanted', () => {
    const t = treat(surface('block-paving'), [finding('green-algae', 3), finding('weeds', 3)], {
      choices: [choice('weeds', 'weed-systemic')],
    });
    expect(t.proposals.map((p) => [p.finding.contaminant, p.follows !== null])).toEqual([
      ['green-algae', false],
      ['weeds', false],
      ['empty-joints', true],
    ]);
    expect(t.parts.map((p) => [p.wait?.for ?? null, p.wait?.days.from ?? 0])).toEqual([
      [null, 0],
      ['work', 7],
      ['dry', 2],
    ]);
    expect(t.parts[2]?.stages.find((s) => s.kind === 'fill')?.bulk).toEqual({
      what: 'kiln-dried jointing sand',
      litres: 68.8,
      kilograms: 110,
      where: 'from dry bags',
      sum: '(1 − 200 × 100 ÷ (204 × 104)) × 60 mm × 1600 kg/m³ = 5.5 kg/m², × 40 m² × 50 % of the joints = 110 kg; blocks as such paving is usually laid: measure one and its joint',
    });
    const sealed = treat(
      surface('block-paving'),
      [finding('green-algae', 3), finding('unprotected-face', 3)],
      {
        choices: [choice('empty-joints', 'fill-dry-sand'), choice('unprotected-face', 'seal-paving')],
      },
    );
    // The sealer's week counts from the wash, and the sand has had two days of it.
    expect(sealed.parts.map((p) => p.wait?.days.from ?? 0)).toEqual([0, 2, 5]);
  });

  it('asks for whole panels where acid would leave a patch', () => {
    const checks = (material: string) =>
      treat(surface(material), [finding('surface-rust', 2, 0.2)])
        .stages.flatMap((s) => s.checks)
        .join(' ');
    expect(checks('concrete')).toContain('Whole panels');
    expect(checks('granite')).not.toContain('Whole panels');
  });

  it('flushes what gives off ammonia before hypochlorite, and only then', () => {
    const kinds = (contaminants: readonly string[]) => {
      const findings = contaminants.map((c) => finding(c));
      const t = treat(surface('concrete'), findings, {
        ammonia: contaminants.includes('bird-droppings'),
        choices: [choice('green-algae', 'pre-treat-and-surface-clean')],
      });
      return t.stages.filter((s) => s.method === 'pre-treat-and-surface-clean').map((s) => s.kind);
    };
    expect(kinds(['green-algae', 'bird-droppings'])).toEqual([
      'clear',
      'rinse',
      'apply',
      'wash',
      'wash',
      'rinse',
    ]);
    expect(kinds(['green-algae'])).toEqual(['clear', 'apply', 'wash', 'wash', 'rinse']);
  });

  it('treats robust faces stronger first where the house does, and weak ones never', () => {
    const strength = (on: Surface, schools: TreatmentInput['schools']) => {
      const [apply] = treat(on, [finding('green-algae', 2)], {
        schools,
        choices: [choice('green-algae', 'pre-treat-and-surface-clean')],
      }).stages.flatMap((s) => s.apply ?? []);
      return [apply?.strengthGramsPerLitre, apply?.dwell?.toMinutes];
    };
    const stronger = { strength: 'stronger' };
    expect(strength(surface('concrete'), {})).toEqual([20, 20]);
    expect(strength(surface('concrete'), stronger)).toEqual([25, 15]);
    expect(strength(surface('concrete', { conditions: ['cracked'] }), stronger)[0]).not.toBe(25);
  });

  it('hands over what is for specialists, and proposes nothing else there', () => {
    const t = treat(surface('fibre-cement'), [finding('moss')]);
    expect(chosen(t)).toEqual(['hand-over']);
    expect([t.stages, t.parts.at(-1)?.wait?.for]).toEqual([[], 'others']);
    expect(chosen(treat(surface('granite'), [finding('moss')]))).not.toContain('hand-over');
  });

  it('grows stronger with severity', () => {
    const strength = (severity: Finding['severity']) =>
      treat(surface('concrete'), [finding('green-algae', severity)]).stages.find((s) => s.kind === 'apply')
        ?.apply?.strengthGramsPerLitre ?? 0;
    expect([strength(1), strength(2), strength(3), strength(4)]).toEqual([15, 20, 25, 30]);
  });

  it('says what to expect once for each thing', () => {
    const t = treat(surface('granite'), [finding('green-algae'), finding('lichen')]);
    const rules = t.expectations.map((e) => e.rule);
    expect(new Set(rules).size).toBe(rules.length);
    expect(rules).toContain('expect-green-algae');
  });

  it('says that what it cannot remove is lessened, to the crew and to the customer', () => {
    const crust = treat(surface('limestone'), [finding('black-crust', 4)]);
    const [proposal] = crust.proposals;
    expect(proposal?.chosen?.method.treats['black-crust']).toBeLessThan(4);
    expect(crust.expectations.map((e) => e.rule)).toContain('expect-lessens-black-crust');
    expect(crust.stages.flatMap((s) => s.cautions.map((c) => c.rule))).toContain('lessens-black-crust');
    const trace = treat(surface('limestone'), [finding('black-crust', 1)]);
    expect(trace.expectations.map((e) => e.rule)).not.toContain('expect-lessens-black-crust');
  });

  it('clears what is loose before anything is wet, once', () => {
    const both = treat(surface('concrete'), [
      finding('mineral-oil'),
      finding('green-algae'),
      finding('weeds'),
    ]);
    const kinds = both.stages.map(({ kind }) => kind);
    const firstWet = kinds.findIndex((kind) => kind !== 'clear');
    expect(kinds.slice(0, firstWet)).toHaveLength(2);
    expect(kinds.slice(firstWet)).not.toContain('clear');
    const brushed = both.stages.filter(
      ({ kind, tool, task }) => kind === 'clear' && tool === 'broom' && !/weed/i.test(task ?? ''),
    );
    expect(brushed).toHaveLength(1);
  });

  it('heeds the house that prefers oxygen and neutral cleaners', () => {
    const on = surface('granite');
    expect(chosen(treat(on, [finding('green-algae')]))).toEqual(['soft-wash-hypochlorite']);
    expect(
      chosen(treat(on, [finding('green-algae')], { schools: { 'growth-chemistry': 'oxygen-or-neutral' } })),
    ).not.toContain('soft-wash-hypochlorite');
  });
});
