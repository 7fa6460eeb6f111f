import { CATALOGUE, quickTestById } from '../catalogue/catalogue.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import type { Limit } from '../catalogue/limit.ts';
import type { QuickTest } from '../catalogue/look-alike.ts';
import type { SurfaceTest } from '../survey/surface-test.ts';
import { WHERE_TO, limitsOnClass } from './limit-verdict.ts';
import type { SurfaceState } from './surface-state.ts';

/** Why a test must not be done here; `otherSpot` where another, rinsed spot would do. */
export interface TestRefusal {
  readonly rule: string;
  readonly text: string;
  readonly otherSpot: boolean;
}

/** What forbids a test on a face, and what speaks against it though it may be done. */
export interface TestStanding {
  readonly refusal: TestRefusal | null;
  readonly caution: string | null;
}

/**
 * Whether a test may be done on a face that may be one of several. One that bleaches or etches leaves a trace: what
 * forbids its agent for the whole face forbids the dab too.
 */
export function testStanding(
  test: QuickTest,
  states: readonly SurfaceState[],
  earlier: readonly Pick<SurfaceTest, 'test' | 'where'>[],
  where: string,
): TestStanding {
  const { agentClass } = test;
  const perhaps = test.disturbs ? states.find((state) => state.handOver) : undefined;
  if (perhaps)
    return {
      refusal: { rule: 'hand-over', text: perhaps.handOverReason, otherSpot: false },
      caution: perhaps.handOverReason,
    };
  if (agentClass === null) return { refusal: null, caution: null };
  const against = limitsOn(agentClass, states);
  const [first] = against;
  const caution = first ? `${first.text} ${first.whatCanHappen}` : null;
  const floor = against.find((limit) => limit.standing === 'floor');
  if (floor)
    return {
      refusal: { rule: floor.id, text: `${floor.text} ${floor.whatCanHappen}`, otherSpot: false },
      caution,
    };
  const met = earlier.find(
    ({ test: id, where: spot }) => sameSpot(spot, where) && oppose(agentClass, agentOf(id)),
  );
  const refusal = met
    ? {
        rule: 'opposed-test-spot',
        text: `“${quickTestById(met.test).name}” was done ${where === '' ? 'on no named spot' : `at “${where}”`}: the two agents never meet. Rinse, take another spot and name it.`,
        otherSpot: true,
      }
    : null;
  return { refusal, caution };
}

/** Limits against a class of agents on a face that may be one of several; a few drops reach no water. */
function limitsOn(agentClass: AgentClass, states: readonly SurfaceState[]): readonly Limit[] {
  return states.flatMap((state) =>
    limitsOnClass(state, agentClass).filter(({ when }) => when.every(({ fact }) => !WHERE_TO.includes(fact))),
  );
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
