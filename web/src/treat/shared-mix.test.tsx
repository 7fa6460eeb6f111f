import { describe, expect, it } from '@jest/globals';
import { plan, surveyOf } from '@etappe/core';
import type { SurveyChange } from '@etappe/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PlanContext } from '../planning/use-plan.tsx';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { StageList } from './stage-list.tsx';

const house = (schools: object) =>
  stateOfFile({
    surfaces: [
      {
        id: 'wall',
        name: 'Mill wall',
        material: 'painted-render',
        size: '20x5',
        findings: [{ contaminant: 'green-algae', severity: 3 }],
      },
      {
        id: 'gable',
        name: 'Mill gable',
        material: 'painted-render',
        size: '3x2',
        findings: [{ contaminant: 'green-algae', severity: 2 }],
        schools,
      },
    ],
  });

function show(schools: object): Asked[] {
  const state = house(schools);
  const made = plan(surveyOf(state), { asOf: '2026-05-04', seed: 1, budget: 1 });
  const gable = made.surfaces.find(({ surface }) => surface.id === 'gable');
  if (!gable) throw new Error('the gable is planned');
  const asked = standInServer(state);
  renderInSession(
    <PlanContext value={{ plan: made, working: false, improving: null, failed: null }}>
      <StageList planned={gable} units="metric" />
    </PlanContext>,
  );
  return asked;
}
const sentBy = (asked: readonly Asked[]) =>
  asked
    .filter((a) => a.path.endsWith('/changes'))
    .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);

describe('a shared mix', () => {
  it('says with whom and what it would be alone, and is given up by one press', async () => {
    const asked = show({});
    expect(
      await screen.findByText(/Mix A, shared with Mill wall; by itself it would be 8 g\/L/),
    ).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Own mix' }));
    await waitFor(() => {
      expect(sentBy(asked)).toMatchObject([
        { kind: 'surface', entity: 'gable', fields: { schools: { mixes: 'own' } } },
      ]);
    });
  });

  it('is shared again by one press, with other practices kept', async () => {
    const asked = show({ mixes: 'own', delivery: 'pump' });
    await userEvent.click(await screen.findByRole('button', { name: 'Share it again' }));
    await waitFor(() => {
      expect(sentBy(asked)).toMatchObject([{ kind: 'surface', fields: { schools: { delivery: 'pump' } } }]);
    });
    expect(sentBy(asked)[0]?.fields['schools']).not.toHaveProperty('mixes');
  });
});
