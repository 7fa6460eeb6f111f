import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FACT_NAMES, factTestInWords, factsRead } from './limit-words.ts';
import { handbookEntries, handbookSearch } from './handbook-search.ts';
import { materialCard } from './material-card.ts';
import { USED_CLASSES, opposedClasses } from './opposed-classes.ts';

describe('the catalogue is complete', () => {
  it('in number', () => {
    expect(CATALOGUE.materials.length).toBeGreaterThanOrEqual(45);
    expect(CATALOGUE.contaminants.length).toBeGreaterThanOrEqual(35);
    expect(CATALOGUE.agents.length).toBeGreaterThanOrEqual(32);
  });

  it('in what people need of an agent: what protects, what brings it to rest, what helps first', () => {
    for (const agent of CATALOGUE.agents) {
      expect([agent.id, agent.protection.length > 0, agent.firstAid !== '']).toEqual([agent.id, true, true]);
      if (agent.neutraliser)
        expect(['neutraliser', 'acid']).toContain(
          CATALOGUE.agents.find((a) => a.id === agent.neutraliser?.agent)?.class,
        );
    }
  });

  it('in strengths: no method goes past what its agent is of use for', () => {
    for (const method of CATALOGUE.methods)
      for (const stage of method.stages) {
        if (stage.kind !== 'apply') continue;
        const span = CATALOGUE.agents.find((a) => a.id === stage.agent)?.strengthSpan ?? { from: 0, to: 0 };
        const outside = stage.strengthGramsPerLitre.filter((s) => s < span.from || s > span.to);
        expect([method.id, stage.agent, outside]).toEqual([method.id, stage.agent, []]);
      }
  });

  it('in agents that no contractor uses: none of them is in a method', () => {
    const specialist = CATALOGUE.agents.filter((a) => a.specialistOnly !== null).map((a) => a.id);
    expect(specialist).toContain('ammonium-bifluoride');
    const used = CATALOGUE.methods.flatMap((m) => m.stages.flatMap((s) => ('agent' in s ? [s.agent] : [])));
    expect(used.filter((agent) => specialist.includes(agent))).toEqual([]);
  });

  it('in words: no synonym names two materials or two contaminants', () => {
    for (const list of [CATALOGUE.materials, CATALOGUE.contaminants]) {
      const words = list.flatMap((e) => [...new Set([e.name.toLowerCase(), ...e.synonyms])]);
      expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual([]);
    }
  });
});

describe('a limit in words', () => {
  it.each([
    [{ fact: 'agentClass', is: 'acid' }, 'class of the agent: acid'],
    [{ fact: 'calcareous', is: true }, 'calcareous'],
    [{ fact: 'hot', is: false }, 'not: hot water'],
    [{ fact: 'brush', oneOf: ['soft', 'none'] }, 'stiffest brush allowed: soft or none'],
    [{ fact: 'jetKilopascal', above: 2.5 }, 'force of the jet, kPa above 2.5'],
    [{ fact: 'pHLow', aboveFact: 'agentPH' }, 'lowest pH it tolerates above pH of the agent'],
  ] as const)('%j', (test, words) => {
    expect(factTestInWords(test)).toBe(words);
  });

  it('reads only facts that have a name', () => {
    for (const limit of CATALOGUE.limits)
      for (const fact of factsRead(limit)) expect(FACT_NAMES[fact]).toBeTruthy();
  });
});

describe('the card of a material', () => {
  it('is judged by the limits: limestone bears no acid and no close jet', () => {
    const { tolerances, jets, methods } = materialCard('limestone', CATALOGUE);
    expect(tolerances.find((t) => t.agentClass === 'acid')?.verdict).toBe('no');
    expect(jets.find((j) => j.tool.id === 'surface-cleaner-50')?.allowed).toBe(false);
    expect(jets.map((j) => j.kilopascal)).toEqual([...jets.map((j) => j.kilopascal)].sort((a, b) => a - b));
    const rules = methods.find((m) => m.method.id === 'rust-oxalic')?.refusals.map((r) => r.rule);
    expect(rules).toContain('no-acid-on-calcareous');
  });

  it('changes with the finish, of those that there are', () => {
    const caustic = (finish: 'bare' | 'painted') =>
      materialCard('clay-brick', CATALOGUE, finish).tolerances.find((t) => t.agentClass === 'caustic')
        ?.verdict;
    expect([caustic('bare'), caustic('painted')]).toEqual(['yes', 'no']);
    expect(() => materialCard('clear-glass', CATALOGUE, 'painted')).toThrow('never painted');
  });

  it('of what specialists keep refuses everything', () => {
    for (const { refusals } of materialCard('fibre-cement', CATALOGUE).methods)
      expect(refusals.map((r) => r.rule)).toContain('hand-over');
  });
});

describe('classes that must never meet', () => {
  it('are the same from either side', () => {
    for (const one of USED_CLASSES)
      for (const other of USED_CLASSES)
        expect(opposedClasses(one, other) === null).toBe(opposedClasses(other, one) === null);
  });

  it('are told with the agents that say so', () => {
    expect(opposedClasses('hypochlorite', 'acid')?.agents).toContain('Sodium hypochlorite');
    expect(opposedClasses('neutral', 'acid')).toBeNull();
  });
});

describe('the search of the handbook', () => {
  it('finds by name, synonym and group, in metric and US words', () => {
    const ids = (find: string) => handbookSearch(find, 'materials', CATALOGUE).map((e) => e.id);
    expect(ids('tarmac')).toEqual(['asphalt-paving']);
    expect(ids('blacktop')).toEqual(['asphalt-paving']);
    expect(ids('vinyl siding')).toEqual(['vinyl-cladding']);
    expect(ids('stone lime')[0]).toBe('limestone');
  });

  it('knows every entry once, and finds nothing where there is nothing', () => {
    const keys = handbookEntries(CATALOGUE).map((e) => `${e.kind} ${e.id}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(handbookSearch('zzz', null, CATALOGUE)).toEqual([]);
    expect(handbookSearch('', null, CATALOGUE)).toHaveLength(handbookEntries(CATALOGUE).length);
  });
});
