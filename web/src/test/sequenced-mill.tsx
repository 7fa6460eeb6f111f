import { plan, surveyOf } from '@etappe/core';
import type { Plan, SurveyChange } from '@etappe/core';
import { PlanContext } from '../planning/use-plan.tsx';
import type { Improving } from '../planning/use-plan.tsx';
import { SequencePage } from '../sequence/sequence-page.tsx';
import { renderInSession, standInServer, stateOfFile } from './in-session.tsx';
import type { Asked } from './in-session.tsx';

/** A mill with a wall to be washed, its day planned, on the sequence page. */
export class SequencedMill {
  private readonly state = stateOfFile({
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'wall',
        name: 'Mill wall',
        material: 'painted-render',
        size: '8x3',
        findings: [{ contaminant: 'green-algae', severity: 3 }],
      },
    ],
  });
  readonly made: Plan = plan(surveyOf(this.state), { asOf: '2026-05-04', seed: 1, budget: 1 });
  private asked: Asked[] = [];

  /** A server that has seen nothing yet. */
  begin(): void {
    this.asked = standInServer(this.state);
  }

  show(shown: Plan = this.made, improving: Improving | null = null) {
    return renderInSession(
      <PlanContext value={{ plan: shown, working: false, improving, failed: null }}>
        <SequencePage />
      </PlanContext>,
      'sequence',
    );
  }

  /** What the company's part of the job was last changed to. */
  lastHouse(): unknown {
    const sent = this.asked
      .filter(({ path }) => path.endsWith('/changes'))
      .flatMap(({ body }) => (body as { changes: SurveyChange[] }).changes);
    return sent.at(-1)?.fields['house'];
  }
}
