import { describe, expect, it } from '@jest/globals';
import { areOpposed } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { faced } from '../survey/face.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { testStanding } from '../treatment/test-refusal.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { derived } from './derivation.ts';

interface Face {
  readonly material: string;
  readonly finding: string;
  readonly severity?: number;
  readonly more?: object;
}
const surveyOf = (faces: readonly Face[], site: object = {}, job: object = {}) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: '2026-05-04',
    site,
    ...job,
    surfaces: faces.map(({ material, finding, severity = 2, more = {} }, i) => ({
      id: `face-${i}`,
      name: `Face ${i}`,
      material,
      size: '6x4',
      topMetres: 3,
      findings: [{ contaminant: finding, severity }],
      ...more,
    })),
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return faced(reading.survey);
};
const planned = (face: Face, site: object = {}, job: object = {}) => {
  const { surfaces } = derived(surveyOf([face], site, job));
  const treatment = surfaces[0]?.treatment;
  if (!treatment) throw new Error('it is treated');
  const [proposal] = treatment.proposals;
  return {
    chosen: proposal?.chosen?.method.id ?? null,
    permitted: [proposal?.chosen, ...(proposal?.alternatives ?? [])].flatMap((a) => a?.method.id ?? []),
    refused: (method: string) =>
      proposal?.refused.find((r) => r.method.id === method)?.refusals.map((r) => r.rule) ?? [],
    stages: treatment.stages,
    surface: surfaces[0]?.surface,
  };
};
const roof = (material: string, finding: string, severity = 3): Face => ({
  material,
  finding,
  severity,
  more: { band: 'roof', footMetres: 3, topMetres: 6, tiltDegrees: 35 },
});
const POND = { features: [{ id: 'pond', kind: 'pond' }] };
const BED = { features: [{ id: 'bed', kind: 'plant-bed' }] };
const CAUGHT = { house: { schools: { plants: 'capture' } } };

describe('what a chemist, a conservator and a trainer found dangerous', () => {
  it.each([
    ['painted-aluminium', 'painted'],
    ['coated-steel', 'painted'],
    ['clay-brick', 'bare'],
  ])('1: chlorine comes to rest and is read before citric acid on %s', (material, finish) => {
    const survey = surveyOf([
      {
        material,
        finding: 'green-algae',
        more: {
          finish,
          findings: [
            { contaminant: 'green-algae', severity: 2 },
            { contaminant: 'surface-rust', severity: 1, share: 0.1 },
          ],
        },
      },
    ]);
    const pick = (contaminant: string, method: string) => ({
      id: contaminant,
      surface: 'face-0',
      zone: null,
      contaminant,
      method,
      by: 'Ada',
      at: '2026-05-01T08:00:00Z',
      reason: 'asked',
      position: 0,
    });
    const choices = [pick('green-algae', 'soft-wash-hypochlorite'), pick('surface-rust', 'citric-rust')];
    const [face] = derived({ ...survey, choices }).surfaces;
    const kinds = (face?.treatment?.stages ?? []).map((s) => s.apply?.agent ?? s.kind);
    const [chlorine, acid] = [kinds.indexOf('hypochlorite'), kinds.indexOf('citric-acid')];
    expect(chlorine).toBeGreaterThanOrEqual(0);
    expect(acid).toBeGreaterThan(chlorine);
    expect(kinds.slice(chlorine, acid)).toEqual(
      expect.arrayContaining(['sodium-ascorbate', 'rinse', 'reading']),
    );
  });

  it('2: the citrate gel is a citrate; the thioglycolate has hazards and oppositions of its own', () => {
    const [citrate, thio] = [CATALOGUE.agent('citrate-gel'), CATALOGUE.agent('thioglycolate-gel')];
    expect(JSON.stringify(citrate)).not.toMatch(/sulfur|purple/i);
    expect(thio.hazards.join()).toMatch(/toxic if swallowed.*allergy.*gas with acid.*chlorine and peroxide/);
    for (const id of ['oxalic-acid', 'citric-acid', 'hypochlorite', 'hydrogen-peroxide', 'percarbonate'])
      expect([id, areOpposed(thio, CATALOGUE.agent(id))]).toEqual([id, true]);
    expect(areOpposed(citrate, CATALOGUE.agent('hypochlorite'))).toBe(false);
    expect(planned({ material: 'limestone', finding: 'surface-rust' }).chosen).not.toBe('rust-thioglycolate');
  });

  it.each<[string, Face]>([
    [
      'chalking aluminium',
      {
        material: 'painted-aluminium',
        finding: 'pollen',
        more: { finish: 'painted', conditions: ['chalking'] },
      },
    ],
    ['copper', { material: 'copper', finding: 'bird-droppings' }],
    ['zinc', { material: 'zinc', finding: 'pollen' }],
    ['lead', { material: 'lead', finding: 'pollen' }],
    ['shingles', roof('asphalt-shingle', 'pollen')],
    ['lime mortar', { material: 'lime-mortar-joint', finding: 'mud' }],
    ['a membrane', { material: 'membrane', finding: 'pollen' }],
  ])('3: no tip of a pressure washer comes near %s', (_, face) => {
    const { chosen, permitted } = planned(face);
    expect(chosen).not.toBeNull();
    expect(permitted).not.toContain('wide-rinse-water');
  });

  it('4: shingles are washed with the roof mix and touched by nothing', () => {
    for (const finding of ['moss', 'green-algae', 'lichen']) {
      const { chosen, permitted, stages } = planned(roof('asphalt-shingle', finding, 3));
      expect(chosen).toMatch(/^shingle-/);
      expect(permitted.filter((id) => id.includes('scrape') || id === 'soft-wash-hypochlorite')).toEqual([]);
      expect(stages.map((s) => s.tool).join()).not.toMatch(/scraper|broom|brush/);
    }
    const wash = CATALOGUE.method('shingle-soft-wash').stages[0];
    expect(wash).toMatchObject({ agent: 'hypochlorite', strengthGramsPerLitre: [20, 25, 30, 40] });
  });

  it.each(['metal-roof', 'single-ply', 'slate-roof', 'clay-roof-tile'])(
    '5: a roof cleaner is for sound concrete tile, never for %s',
    (material) => {
      expect(planned(roof(material, 'moss')).permitted).not.toContain('roof-reduced-wash');
      expect(planned(roof('concrete-roof-tile', 'moss')).permitted).toContain('roof-reduced-wash');
    },
  );

  it.each([
    ['concrete', 'weeds', 'weed-systemic', 'no-weed-killer-to-water', false],
    ['granite', 'lichen', 'neutral-soak-stone', 'no-biocidal-cleaner-to-water', false],
    ['concrete', 'mineral-oil', 'degrease-caustic-hot', 'no-harm-to-water', true],
    ['granite', 'surface-rust', 'rust-phosphoric', 'no-harm-to-water', true],
    ['concrete', 'traffic-soot', 'phosphate-wash', 'no-phosphate-to-water', true],
    ['concrete', 'bitumen', 'degrease-citrus', 'no-harm-to-water', true],
    ['block-paving', 'unprotected-face', 'impregnate', 'no-harm-to-water', true],
  ])('6: %s with %s beside a pond: %s is refused by %s', (material, finding, method, rule, whenCaught) => {
    const face = { material, finding, more: { drainsOnto: ['pond'], tiltDegrees: 0, topMetres: 0 } };
    expect(planned(face, POND).refused(method)).toContain(rule);
    const caught = planned(face, POND, CAUGHT).refused(method);
    expect(caught.includes(rule)).toBe(!whenCaught);
    const away = { ...face, more: { tiltDegrees: 0, topMetres: 0 } };
    expect(planned(away).refused(method)).not.toContain(rule);
  });

  it('6: no weed killer runs onto a bed, and caustic only where all is caught', () => {
    const paving = (finding: string) => ({
      material: 'concrete',
      finding,
      more: { drainsOnto: ['bed'], tiltDegrees: 0, topMetres: 0 },
    });
    expect(planned(paving('weeds'), BED).refused('weed-systemic')).toContain('no-weed-killer-on-plants');
    expect(planned(paving('mineral-oil'), BED).refused('degrease-caustic-hot')).toContain(
      'no-harm-to-plants',
    );
    expect(planned(paving('mineral-oil'), BED, CAUGHT).permitted).toContain('degrease-caustic-hot');
  });

  it.each(['concrete', 'granite', 'copper', 'clear-glass', 'slate-roof', 'painted-render'])(
    '7: droppings on %s are wetted before anything touches them, behind a P3 mask',
    (material) => {
      const { permitted, stages, surface } = planned({ material, finding: 'bird-droppings', severity: 3 });
      expect(permitted).not.toEqual(expect.arrayContaining(['sweep-dry']));
      expect(permitted).not.toEqual(expect.arrayContaining(['scrape-off']));
      const firstHand = stages.findIndex((s) => s.kind === 'agitate' || s.kind === 'clear');
      const firstWet = stages.findIndex(
        (s) => s.kind === 'pre-wet' || s.kind === 'apply' || s.kind === 'rinse',
      );
      if (firstHand >= 0) expect(firstWet).toBeLessThan(firstHand);
      if (!surface) throw new Error('it stands there');
      const worn = stages.flatMap((s) => stageProtection(s, surface, CATALOGUE));
      expect(worn).toContain('P3 mask');
    },
  );

  it('8: nothing that may be asbestos or lead paint is scratched, scraped or rubbed', () => {
    const states = (more: object, material = 'slate-roof') => {
      const survey = surveyOf([{ material, finding: 'moss', more }]);
      const [surface] = survey.surfaces;
      if (!surface) throw new Error('it stands there');
      return plausibleStates(surface, survey);
    };
    const tests = [...CATALOGUE.quickTests, ...CATALOGUE.materialTests].filter((t) =>
      ['key-press', 'scrape', 'dry-rub'].includes(t.id),
    );
    expect(tests).toHaveLength(3);
    for (const test of tests) {
      const refusal = (of: ReturnType<typeof states>) => testStanding(test, of, [], '').refusal;
      expect(refusal(states({ unsureBetween: ['fibre-cement'] }))?.text).toContain('asbestos');
      expect(refusal(states({ conditions: ['perhaps-asbestos'] }))?.rule).toBe('hand-over');
      expect(
        refusal(states({ conditions: ['lead-paint'], finish: 'painted' }, 'larch-boards'))?.text,
      ).toContain('lead');
      expect(refusal(states({}))).toBeNull();
    }
  });

  it('9: whatever can be painted can carry old lead paint', () => {
    const painted = CATALOGUE.materials.filter(
      (m) =>
        m.finishes.includes('painted') && m.handOver === null && !['plastic', 'roofing'].includes(m.family),
    );
    expect(painted.length).toBeGreaterThan(15);
    expect(painted.filter((m) => !m.conditions.includes('lead-paint')).map((m) => m.id)).toEqual([]);
  });

  it('10: corrosive powders are worn for, in the eyes, on the hands and as dust', () => {
    for (const id of ['metasilicate', 'percarbonate', 'trisodium-phosphate'])
      expect(CATALOGUE.agent(id).protection).toEqual(
        expect.arrayContaining(['goggles', 'dust mask while weighing']),
      );
    expect(CATALOGUE.agent('metasilicate').protection).toEqual(
      expect.arrayContaining(['face shield', 'chemical apron']),
    );
    expect(CATALOGUE.agent('metasilicate').hazards.join()).toContain('burns eyes and skin');
  });

  it('11: weed killer keeps within what labels allow on hard ground, 1.8 kg/ha', () => {
    const [spray] = CATALOGUE.method('weed-systemic').stages;
    if (spray?.kind !== 'apply') throw new Error('it is sprayed first');
    for (const strength of spray.strengthGramsPerLitre)
      expect((strength * spray.litresPerSquareMetre * 10_000) / 1000).toBeLessThanOrEqual(1.8 + 1e-9);
    expect(CATALOGUE.agent('pelargonic-weed-killer').licence).not.toBeNull();
    const drift = (windMetresPerSecond: number) => {
      const survey = surveyOf(
        [{ material: 'concrete', finding: 'weeds', more: { tiltDegrees: 0, topMetres: 0 } }],
        {},
        {
          weather: { windMetresPerSecond },
          choices: [
            {
              surface: 'face-0',
              contaminant: 'weeds',
              method: 'weed-systemic',
              by: 'Ada',
              at: '2026-05-01T08:00:00Z',
            },
          ],
        },
      );
      return derived(survey)
        .warnings.filter((w) => w.rule === 'spray-drift')
        .map((w) => w.severity);
    };
    expect([drift(3), drift(4.5)]).toEqual([[], ['stop']]);
  });

  it('12: peroxide never meets caustic, and says how its sale is controlled', () => {
    const peroxide = CATALOGUE.agent('hydrogen-peroxide');
    expect(areOpposed(peroxide, CATALOGUE.agent('caustic'))).toBe(true);
    expect(peroxide.cautions.join()).toMatch(/12 %.*alkali, metals/);
    expect(mixLife(peroxide).neverClosed).toBe(true);
  });

  it('13: who sweeps sand or brushes mortar dry wears a mask; who sprays overhead a shield', () => {
    const { stages, surface } = planned({
      material: 'block-paving',
      finding: 'empty-joints',
      more: { tiltDegrees: 0, topMetres: 0 },
    });
    if (!surface) throw new Error('it is there');
    const filling = stages.filter((s) => s.kind === 'fill');
    expect(filling.length).toBeGreaterThan(0);
    for (const stage of filling) expect(stageProtection(stage, surface, CATALOGUE)).toContain('dust mask P2');
    const sprayed = planned({ material: 'painted-render', finding: 'green-algae', more: { topMetres: 5 } });
    expect(sprayed.stages.flatMap((s) => stageProtection(s, { topMetres: 5 }, CATALOGUE))).toEqual(
      expect.arrayContaining(['face shield', 'waterproofs']),
    );
  });

  it('14: a tin roof or standing seams are taken for bare zinc, where chlorine is refused', () => {
    const called = (word: string) =>
      CATALOGUE.materials.filter((m) => m.synonyms.includes(word)).map((m) => m.id);
    expect(called('standing seam')).toEqual(['zinc-roof']);
    expect(called('tin roof')).toEqual(['zinc-roof']);
    expect(
      planned({ material: 'zinc-roof', finding: 'green-algae' }).refused('soft-wash-hypochlorite').length,
    ).toBeGreaterThan(0);
  });

  it('15: first aid is the agent’s own: alkali half an hour and on the way, fluoride gel and hospital', () => {
    for (const id of ['caustic', 'metasilicate', 'alkaline-shadow-gel'])
      expect(CATALOGUE.agent(id).firstAid).toMatch(/at least 30 minutes.*on the way to hospital/);
    const fluoride = CATALOGUE.agent('ammonium-bifluoride');
    expect(fluoride.firstAid).toMatch(/calcium gluconate.*hospital at once/);
    expect(fluoride.cautions.join()).toContain('not the fluoride');
  });
});
