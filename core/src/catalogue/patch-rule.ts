import type { AgentClass } from './agent.ts';

/** When an agent must be tried on a small spot before it goes on a whole face: every condition that is given holds. */
export interface PatchRule {
  readonly id: string;
  /** It may be one of several materials. */
  readonly unsure?: true;
  /** In one of these conditions. */
  readonly conditions?: readonly string[];
  /** Under a coat of paint or a seal. */
  readonly coated?: true;
  /** With an agent of one of these classes. */
  readonly agentClasses?: readonly AgentClass[];
  /** With a method whose risk to the face is at least this, 1 to 5. */
  readonly surfaceRiskFrom?: number;
  /** Why, in plain words. */
  readonly text: string;
  readonly source: string;
}
