import { beforeEach, describe, expect, it } from '@jest/globals';
import { plan } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { PlanContext } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { PropertySheet } from '../walk/property/property-sheet.tsx';
import { QuestionsPart } from './questions-part.tsx';

let asked: Asked[];
beforeEach(() => {
  asked = standInServer(
    stateOfFile({
      site: {
        waterPoints: [{ id: 'tap', name: 'Tap', flowLitresPerMinute: 12 }],
        features: [
          { id: 'socket', name: 'Socket', kind: 'electrics' },
          { id: 'gully', name: 'Gully', kind: 'drain' },
        ],
      },
      surfaces: [
        {
          id: 'yard',
          band: 'floor',
          material: 'concrete',
          size: '4x3',
          drainsOnto: ['gully'],
          findings: [{ contaminant: 'moss', severity: 2 }],
        },
      ],
    }),
  );
});

/** With the plan of the survey as it is shown. */
function Planned({ children }: { readonly children: ReactNode }) {
  const { survey } = useSurveySession();
  const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  return (
    <PlanContext value={{ plan: made, working: false, improving: null, failed: null }}>
      {children}
    </PlanContext>
  );
}
const show = (part: ReactNode, path = 'walk') => renderInSession(<Planned>{part}</Planned>, path);
const texts = async () => (await screen.findAllByRole('listitem')).map((item) => item.textContent);

const answer = async (to: string) => {
  const item = (await screen.findByText(new RegExp(to))).closest('li');
  if (!item) throw new Error(`“${to}” stands in the list`);
  await userEvent.click(within(item).getByRole('button', { name: 'Answer' }));
};

describe('the open questions', () => {
  it('stand with those that block first, each leading to what it is about', async () => {
    show(<QuestionsPart />);
    const [first, second] = await texts();
    expect(first).toContain('✕ blocks Where does Gully lead');
    expect(second).toContain('Is Socket weatherproof');
    expect(screen.getAllByRole('link', { name: 'Show where' })[0]).toHaveAttribute(
      'href',
      expect.stringMatching(/\/walk\?at=gully$/),
    );
  });

  it('are closed by an answer in words, which can be taken back', async () => {
    show(<QuestionsPart />);
    await answer('Where does Gully');
    await userEvent.type(screen.getByRole('textbox'), 'the foul sewer, says the porter{Enter}');
    await waitFor(() => {
      const sent = sentChanges(asked);
      expect(sent.at(-1)?.fields).toEqual({
        'answers.drain-destination gully': 'the foul sewer, says the porter',
      });
    });
    expect(screen.getByText('1 answered question')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /^Remove the answer/, hidden: true }));
    expect(screen.queryByText('1 answered question')).toBeNull();
  });

  it('of electrics are closed by yes or no alone, field by field', async () => {
    show(<QuestionsPart />);
    const item = (await screen.findByText(/Is Socket weatherproof/)).closest('li');
    if (!item) throw new Error('it stands in the list');
    expect(within(item).queryByRole('button', { name: 'Answer' })).toBeNull();
    const field = (name: string) => within(within(item).getByRole('group', { name }));
    await userEvent.click(field('Weatherproof').getByText('Yes'));
    await userEvent.click(field('Isolated while we work').getByText('No'));
    expect(await screen.findByText(/Socket is not isolated: have a competent person/)).toBeInTheDocument();
    await userEvent.click(field('Isolated while we work').getByText('Yes'));
    await waitFor(() => {
      expect(screen.queryByText(/Socket/)).toBeNull();
    });
    await waitFor(() => {
      expect(sentChanges(asked).map((c) => c.fields)).toContainEqual({ weatherproof: 'yes' });
    });
  });

  it('keep no empty answer', async () => {
    show(<QuestionsPart />);
    await answer('Where does Gully');
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect(screen.getByRole('textbox')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Leave open' }));
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});

describe('the property sheet', () => {
  it('opens what a question leads to', async () => {
    Element.prototype.scrollIntoView = () => undefined;
    show(<PropertySheet />, 'walk?at=gully');
    expect(await screen.findByLabelText('Feature')).toHaveValue('Gully');
  });
});
