import { describe, expect, it } from '@jest/globals';
import { plan, surveyOf } from '@etappe/core';
import type { SurveyChange } from '@etappe/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { ProposalCard } from './proposal-card.tsx';
import { StageList } from './stage-list.tsx';

const state = stateOfFile({
  surfaces: [
    {
      id: 'wall',
      material: 'larch-boards',
      size: '4x3',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    },
  ],
});
const made = plan(surveyOf(state), { asOf: '2026-05-04', seed: 1, budget: 1 });
const [planned] = made.surfaces;
const [proposal] = planned?.treatment?.proposals ?? [];
if (!planned || !proposal) throw new Error('the wall has a proposal');
/** The methods beside the proposal. */
const others = async () =>
  userEvent.click(await screen.findByRole('button', { name: /other methods?, \d+ refused$/ }));
const card = <ProposalCard surface="wall" name="Green algae" proposal={proposal} />;

describe('a proposal', () => {
  it('shows what is proposed, what else would do, and what is refused by which rule', async () => {
    standInServer(state);
    renderInSession(card);
    expect(await screen.findByRole('heading', { name: 'Oxygen wash and brightener' })).toBeInTheDocument();
    expect(screen.getByText(/Hypochlorite pulps the fibres of bare timber/)).toBeInTheDocument();
    await others();
    expect(
      screen.getByRole('button', { name: 'Use Oxygen wash by soft brush against Green algae' }),
    ).toBeInTheDocument();
    expect(screen.getAllByText(/Hypochlorite pulps the fibres of bare timber/)).not.toHaveLength(0);
  });

  it('is changed to another method by one press', async () => {
    const asked = standInServer(state);
    renderInSession(card);
    await others();
    await userEvent.click(await screen.findByRole('button', { name: /^Use Oxygen wash by soft brush/ }));
    await waitFor(() => {
      const sent = asked
        .filter((a) => a.path.endsWith('/changes'))
        .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);
      expect(sent).toMatchObject([
        { kind: 'choice', op: 'create', fields: { method: 'oxygen-soft-wash-wood', reason: '' } },
      ]);
    });
  });

  it('sets a rule aside only with a reason and a name', async () => {
    const asked = standInServer(state);
    renderInSession(card);
    await others();
    await userEvent.click(
      await screen.findByRole('button', { name: 'Override the rule for Soft wash with hypochlorite' }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Override the rule' }));
    expect(screen.getByText('say why the rule does not apply here')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Reason'), 'painted next week');
    await userEvent.type(screen.getByLabelText('Decided by'), 'Ada');
    await userEvent.click(screen.getByRole('button', { name: 'Override the rule' }));
    await waitFor(() => {
      expect(JSON.stringify(asked.at(-1)?.body)).toContain('"reason":"painted next week","by":"Ada"');
    });
  });
});

describe('the chain of stages', () => {
  it('is numbered, with strength and what it is a percent of, dwell, force and limit', () => {
    standInServer(state);
    renderInSession(<StageList planned={planned} units="metric" />);
    return waitFor(() => {
      expect(screen.getAllByRole('listitem')).toHaveLength(planned.treatment?.stages.length ?? 0);
      expect(screen.getByText(/100 g\/L \(10 % w\/v\) percarbonate powder/)).toBeInTheDocument();
      expect(screen.getByText('12–25 min')).toBeInTheDocument();
      expect(screen.getByText('Presses 21.6 kPa, the surface stands 25 kPa')).toBeInTheDocument();
    });
  });
});
