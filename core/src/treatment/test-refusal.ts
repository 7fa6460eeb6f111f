import { CATALOGUE, quickTestById } from '../catalogue/catalogue.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import type { Limit } from '../catalogue/limit.ts';
import type { QuickTest } from '../catalogue/look-alike.ts';
import type { SurfaceTest } from '../survey/surface-test.ts';
import { holds } from './limit-verdict.ts';
import type { SurfaceState } from './surface-state.ts';

/** Why a test must not be done here; `otherSpot` where another, rinsed spot would do. */
export interface TestRefusal {
  readonly rule: string;
  readonly text: string;
  readonly otherSpot: boolean;
}

/** A test that bleaches or etches leaves a trace: what forbids its agent for the whole face forbids the dab too. */
export function testRefusal(
  test: QuickTest,
  states: readonly SurfaceState[],
  earlier: readonly Pick<SurfaceTest, 'test' | 'where'>[],
  where: string,
): TestRefusal | null {
  const { agentClass } = test;
  if (agentClass === null) return null;
  const fired = limitsOn(agentClass, states).find((limit) => limit.standing === 'floor');
  if (fired) return { rule: fired.id, text: `${fired.text} ${fired.whatCanHappen}`, otherSpot: false };
  const met = earlier.find(
    ({ test: id, where: spot }) => sameSpot(spot, where) && oppose(agentClass, agentOf(id)),
  );
  return met
    ? {
        rule: 'opposed-test-spot',
        text: `“${quickTestById(met.test).name}” was done ${where === '' ? 'on no named spot' : `at “${where}”`}: the two agents never meet. Rinse, take another spot and name it.`,
        otherSpot: true,
      }
    : null;
}

/** What a rule that may be set aside says against a dab of the agent; null where none does. */
export function testCaution(test: QuickTest, states: readonly SurfaceState[]): string | null {
  if (test.agentClass === null) return null;
  const [fired] = limitsOn(test.agentClass, states);
  return fired ? `${fired.text} ${fired.whatCanHappen}` : null;
}

/** Limits against a class of agents on a face that may be one of several; a few drops reach no water. */
function limitsOn(agentClass: AgentClass, states: readonly SurfaceState[]): readonly Limit[] {
  return states.flatMap((state) => {
    const facts = { ...state, agent: null, agentClass, jetKilopascal: 0, hot: false, abrasive: false };
    return CATALOGUE.limits.filter(
      ({ when }) =>
        when.some((t) => t.fact === 'agentClass') &&
        when.every((t) => t.fact !== 'drainsToWater' && holds(t, facts)),
    );
  });
}

function agentOf(test: string): AgentClass | null {
  return [...CATALOGUE.quickTests, ...CATALOGUE.materialTests].find((t) => t.id === test)?.agentClass ?? null;
}

function oppose(a: AgentClass, b: AgentClass | null): boolean {
  if (b === null) return false;
  return CATALOGUE.agents.some((agent) => agent.class === a && agent.opposedTo.includes(b));
}

/** Spots that have no name might be the same. */
function sameSpot(a: string, b: string): boolean {
  const plain = (text: string) => text.trim().toLowerCase();
  return plain(a) === plain(b);
}
