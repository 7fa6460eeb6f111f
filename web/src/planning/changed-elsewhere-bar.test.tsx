import { describe, expect, it } from '@jest/globals';
import { plan } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { readFileSync } from 'node:fs';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { ChangedElsewhereBar } from './changed-elsewhere-bar.tsx';
import { PlanContext } from './use-plan.tsx';

/** The plan of the survey as it is, and on a press as it were with a yard of limestone. */
function TwoPlans() {
  const { survey } = useSurveySession();
  const planOf = (isStone: boolean): Plan =>
    plan(
      {
        ...survey,
        surfaces: survey.surfaces.map((s) =>
          isStone && s.id === 'yard-east' ? { ...s, material: 'limestone', finish: 'bare' as const } : s,
        ),
      },
      { asOf: '2026-05-04', seed: 1, budget: 1 },
    );
  const [made, setMade] = useState(() => planOf(false));
  return (
    <PlanContext value={{ plan: made, working: false, improving: null, failed: null }}>
      <button
        onClick={() => {
          setMade(planOf(true));
        }}
      >
        The yard is limestone
      </button>
      <ChangedElsewhereBar />
    </PlanContext>
  );
}

describe('an edit that changes another surface', () => {
  it('is told over the page with a way there, until it is dismissed', async () => {
    const demo = new URL('../../../demo/hill-observatory.etappe.json', import.meta.url);
    standInServer(stateOfFile(JSON.parse(readFileSync(demo, 'utf8')) as Record<string, unknown>));
    renderInSession(<TwoPlans />);
    const press = await screen.findByRole('button', { name: 'The yard is limestone' });
    expect(screen.queryByText('Your edit changed more')).toBeNull();
    await userEvent.click(press);
    const link = await screen.findByRole('link', { name: /^Bin corner: now with the citrus degreaser/ });
    expect(link).toHaveAttribute('href', expect.stringMatching(/\/treat\/bin-corner$/));
    await userEvent.click(screen.getByRole('button', { name: 'Dismiss' }));
    expect(screen.queryByRole('link', { name: /^Bin corner/ })).toBeNull();
  });
});
