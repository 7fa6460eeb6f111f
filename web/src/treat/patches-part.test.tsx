import { describe, expect, it } from '@jest/globals';
import { plan } from '@etappe/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { PatchesPart } from './patches-part.tsx';

/** The part on the plan of what is surveyed now. */
function Patches() {
  const { survey } = useSurveySession();
  const [planned] = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 }).surfaces;
  return planned ? <PatchesPart planned={planned} /> : null;
}
const begin = (conditions: readonly string[], site: object = {}) => {
  const asked = standInServer(
    stateOfFile({
      site: { waterPoints: [{ id: 'tap' }], ...site },
      surfaces: [
        {
          id: 'wall',
          material: 'clay-brick',
          conditions,
          size: '4x3',
          findings: [{ contaminant: 'green-algae', severity: 2 }],
        },
      ],
    }),
  );
  renderInSession(<Patches />, 'treat/wall');
  return asked;
};
const sent = (asked: readonly Asked[]) => sentChanges(asked);
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('the patches of a face', () => {
  it('are not asked for on a plain one', async () => {
    begin([]);
    await waitFor(() => {
      expect(screen.queryByText('loading')).toBeNull();
    });
    expect(screen.queryByText('Test patches')).toBeNull();
  });

  it('are written down with the strength and the time of the plan, and pass with a go', async () => {
    const asked = begin(['historic']);
    await press('Record a test patch');
    await waitFor(() => {
      expect(sent(asked)).toMatchObject([
        {
          kind: 'test-patch',
          op: 'create',
          fields: { surface: 'wall', zone: null, agent: 'percarbonate' },
        },
      ]);
    });
    expect(screen.queryByRole('button', { name: 'Record a test patch' })).toBeNull();
    await userEvent.click(screen.getByText(/not checked dry yet/));
    await userEvent.click(await screen.findByRole('radio', { name: 'go' }));
    expect(await screen.findByText(/passed/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Go without …' })).toBeNull();
  });

  it('are gone without only with a name and a reason, and asked for again with one press', async () => {
    const asked = begin(['historic']);
    await press('Go without …');
    await press('Go without it');
    expect(screen.getByText('say who decides this')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Reason'), 'same wall as last year');
    await userEvent.type(screen.getByLabelText('Decided by'), 'Ada');
    await press('Go without it');
    await waitFor(() => {
      expect(sent(asked)).toMatchObject([
        { kind: 'waiver', fields: { surface: 'wall', reason: 'same wall as last year', by: 'Ada' } },
      ]);
    });
    expect(await screen.findByText(/without a patch, by Ada/)).toBeInTheDocument();
    await press('Require it again');
    expect(await screen.findByRole('button', { name: 'Go without …' })).toBeInTheDocument();
  });
});
