import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { plan } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { PapersOf } from './papers-page.tsx';

const wall = {
  id: 'wall',
  name: 'Wall',
  material: 'painted-render',
  size: '6x3',
  topMetres: 3,
  findings: [{ contaminant: 'green-algae', severity: 3 }],
};

function Page() {
  const { survey } = useSurveySession();
  return <PapersOf plan={plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 })} kind="proposal" />;
}

const saved: string[] = [];
beforeEach(() => {
  saved.length = 0;
  URL.createObjectURL = () => 'blob:file';
  URL.revokeObjectURL = jest.fn();
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function own(this: HTMLAnchorElement) {
    saved.push(this.download);
  });
});
afterEach(() => {
  jest.restoreAllMocks();
});

describe('the papers of a job', () => {
  it('are read, saved as a PDF, and mailed as a file', async () => {
    standInServer(stateOfFile({ start: '2026-05-04', surfaces: [wall] }));
    const pdf = jest.spyOn(server, 'paperPdf').mockResolvedValue(new Blob(['pdf']));
    const mail = jest.spyOn(server, 'mailPaper').mockResolvedValue(new Blob(['mail']));
    renderInSession(<Page />, 'papers');
    expect(await screen.findByRole('heading', { name: 'Proposal', level: 1 })).toBeInTheDocument();
    expect(
      within(screen.getByRole('group', { name: /^No\., Where/ })).getByText(/green algae, heavy/),
    ).toBeVisible();
    expect(screen.getByText(/Nobody has written who you are yet/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /PDF$/ }));
    await waitFor(() => {
      expect(saved).toEqual(['Mill, Proposal.pdf']);
    });
    expect(pdf.mock.calls[0]?.[0]).toMatchObject({ kind: 'proposal', job: 'Mill' });
    await userEvent.click(screen.getByRole('button', { name: /Visits as a calendar file/ }));
    await waitFor(() => {
      expect(saved).toContain('Mill, visits.ics');
    });
    await userEvent.click(screen.getByRole('button', { name: /Mail$/ }));
    await userEvent.type(await screen.findByLabelText('To'), 'nobody');
    await userEvent.click(screen.getByRole('button', { name: 'Write the mail' }));
    expect(await screen.findByText(/not a valid email/i)).toBeInTheDocument();
    expect(mail).not.toHaveBeenCalled();
    await userEvent.type(screen.getByLabelText('To'), '@mill.example');
    await userEvent.click(screen.getByRole('button', { name: 'Write the mail' }));
    await waitFor(() => {
      expect(saved).toContain('Mill, Proposal.eml');
    });
    expect(mail.mock.calls[0]?.[2]).toMatchObject({ to: 'nobody@mill.example', subject: 'Proposal: Mill' });
  });
});
