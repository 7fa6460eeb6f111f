import { describe, expect, it, jest } from '@jest/globals';
import { plan } from '@etappe/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import { AftercarePart } from './aftercare-part.tsx';

function WithPlan() {
  const { survey } = useSurveySession();
  return <AftercarePart plan={plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 })} />;
}

/** jsdom's blobs have no arrayBuffer of their own. */
const bytesOf = (blob = new Blob()): Promise<ArrayBuffer> =>
  new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => {
      if (reader.result instanceof ArrayBuffer) resolve(reader.result);
    };
    reader.readAsArrayBuffer(blob);
  });

describe('aftercare', () => {
  it('has its dates in a list and in a calendar, and the company’s guarantee among them', async () => {
    const asked = standInServer(
      stateOfFile({
        start: '2026-05-04',
        surfaces: [
          {
            id: 'wall',
            name: 'Wall',
            material: 'painted-render',
            size: '6x3',
            topMetres: 3,
            findings: [{ contaminant: 'green-algae', severity: 3 }],
          },
        ],
      }),
    );
    const kept: Blob[] = [];
    URL.createObjectURL = (blob) => {
      if (blob instanceof Blob) kept.push(blob);
      return 'blob:calendar';
    };
    URL.revokeObjectURL = jest.fn();
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    renderInSession(<WithPlan />);
    await userEvent.click(await screen.findByText('Aftercare'));
    expect(screen.getByText('2026-05-11')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('checkbox', { name: 'We guarantee our work' }));
    expect(await screen.findByText(/^Guaranteed until then\. If growth comes back/)).toBeInTheDocument();
    await waitFor(() => {
      expect(sentChanges(asked)).toMatchObject([{ fields: { house: { guarantee: { months: 12 } } } }]);
    });
    await userEvent.click(screen.getByRole('button', { name: /Put into a calendar/ }));
    await waitFor(() => {
      expect(kept).toHaveLength(1);
    });
    const text = new TextDecoder().decode(await bytesOf(kept[0]));
    expect(text).toContain('DTSTART;VALUE=DATE:20260511');
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(3);
  });
});
