import { describe, expect, it } from '@jest/globals';
import { plan } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { ExpectationsPart } from '../order/expectations-part.tsx';
import { PlanContext } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import { VisitChoice } from '../visits/visit-choice.tsx';
import { ChemistryApart } from '../planning/chemistry-apart.tsx';
import { ProposalCard } from './proposal-card.tsx';
import { SchoolsPart } from './schools-part.tsx';
import { StageList } from './stage-list.tsx';

type Planned = ReturnType<typeof plan>;

/** What stands inside gets the plan of the survey as it is now, made in place. */
function WithPlan({ children }: { readonly children: (made: Planned) => ReactNode }) {
  const { survey } = useSurveySession();
  const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  return (
    <PlanContext value={{ plan: made, working: false, improving: null, failed: null }}>
      {children(made)}
    </PlanContext>
  );
}

const begin = (children: (made: Planned) => ReactNode) => {
  const algae = { findings: [{ contaminant: 'green-algae', severity: 3 }] };
  const drains = { drainsOnto: ['gully'] };
  const asked = standInServer(
    stateOfFile({
      start: '2026-05-04',
      site: { waterPoints: [{ id: 'tap' }], features: [{ id: 'gully', kind: 'drain' }] },
      surfaces: [
        {
          id: 'bay',
          name: 'Bay',
          material: 'block-paving',
          size: '4x3',
          tiltDegrees: 0,
          topMetres: 0,
          ...algae,
        },
        { id: 'wall', name: 'Wall', material: 'clay-brick', size: '4x3', topMetres: 3, ...drains, ...algae },
        { id: 'gable', name: 'Gable', material: 'clay-brick', size: '4x3', topMetres: 3, ...algae },
        {
          id: 'steps',
          name: 'Steps',
          material: 'granite',
          size: '2x1',
          ...drains,
          findings: [{ contaminant: 'surface-rust', severity: 2 }],
        },
      ],
    }),
  );
  renderInSession(<WithPlan>{children}</WithPlan>, 'treat/wall');
  return asked;
};
const planned = (made: Planned, id: string) => {
  const found = made.surfaces.find((p) => p.surface.id === id);
  if (!found) throw new Error(`there is no ${id}`);
  return found;
};
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));
const cardOf = (made: Planned, id: string) => {
  const [proposal] = planned(made, id).treatment?.proposals ?? [];
  return proposal && <ProposalCard surface={id} name="Green algae" proposal={proposal} />;
};

describe('a proposal', () => {
  it('says what speaks for it and against it, with figures', async () => {
    begin((made) => cardOf(made, 'wall'));
    expect(await screen.findAllByText(/Result: 5 of 5/)).not.toHaveLength(0);
    expect(screen.getAllByText('+15')).not.toHaveLength(0);
    expect(screen.getAllByText(/Time: \d+ min on /)).not.toHaveLength(0);
  });

  it('stands beside another one, row by row', async () => {
    begin((made) => cardOf(made, 'wall'));
    await press('Side by side …');
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('row', { name: /^Points / })).toBeInTheDocument();
    expect(dialog.getByRole('row', { name: /^Harm around −4/ })).toBeInTheDocument();
    expect(dialog.getByRole('row', { name: /^Stages/ })).toHaveTextContent('sodium hypochlorite 10 g/L');
  });

  it('goes to every face like it, after the list of what would change', async () => {
    const asked = begin((made) => cardOf(made, 'wall'));
    await press(/^\d+ other methods/);
    await press('Use Oxygen wash without chlorine against Green algae');
    await press('On every surface like this …');
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('checkbox', { name: 'Gable' })).toBeChecked();
    expect(dialog.getByText('instead of soft wash with hypochlorite')).toBeInTheDocument();
    expect(dialog.queryByText('Bay')).toBeNull();
    await userEvent.click(dialog.getByRole('button', { name: 'Change 1 surface' }));
    await waitFor(() => {
      expect(sentChanges(asked)).toMatchObject([
        { kind: 'choice', fields: { surface: 'wall', method: 'oxygen-wash-mineral' } },
        { kind: 'choice', fields: { surface: 'gable', method: 'oxygen-wash-mineral' } },
      ]);
    });
  });
});

describe('chemistries that would meet', () => {
  it('are kept apart, or one is treated otherwise by one press', async () => {
    const asked = begin(() => <ChemistryApart surface="steps" />);
    expect(await screen.findByText(/their water comes together at/)).toBeInTheDocument();
    await press(/^Steps: neutral citrate gel on rust against surface rust/);
    await waitFor(() => {
      expect(sentChanges(asked)).toMatchObject([
        { kind: 'choice', fields: { surface: 'steps', method: 'rust-citrate-gel' } },
      ]);
    });
    expect(screen.queryByText(/their water comes together at/)).toBeNull();
  });
});

describe('ways of working', () => {
  it('show what another one changes before it is taken, for the job or for one face', async () => {
    const asked = begin((made) => <SchoolsPart surface={planned(made, 'wall').surface} />);
    await userEvent.click(await screen.findByText('Working practices'));
    await press('Change: Hypochlorite for growth?');
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText('This is the current practice.')).toBeInTheDocument();
    expect(dialog.getByRole('button', { name: 'Apply' })).toBeDisabled();
    await userEvent.click(dialog.getByRole('radio', { name: 'Oxygen, alkaline or neutral' }));
    expect(await dialog.findByRole('row', { name: /^Harm around/ })).toBeInTheDocument();
    expect(dialog.getByText(/^Gable, green algae:/)).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('radio', { name: 'Wall only' }));
    await waitFor(() => {
      expect(dialog.queryByText(/^Gable, green algae:/)).toBeNull();
    });
    expect(await dialog.findByText(/^Wall, green algae:/)).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('button', { name: 'Apply' }));
    await waitFor(() => {
      expect(sentChanges(asked)).toMatchObject([
        { kind: 'surface', entity: 'wall', fields: { schools: { 'growth-chemistry': 'oxygen-or-neutral' } } },
      ]);
    });
    expect(screen.getByText('1 different from company practice')).toBeInTheDocument();
  });
});

describe('visits', () => {
  it('divide the chain where something is waited for, and one of them is planned', async () => {
    const asked = begin((made) => (
      <>
        <VisitChoice plan={made} />
        <StageList planned={planned(made, 'bay')} units="metric" />
      </>
    ));
    expect(
      await screen.findByText(/the surface dries for at least 2 days, until joints are dry/),
    ).toBeInTheDocument();
    expect(screen.getByRole('heading', { name: /^Visit 2 from 2026-05-06/ })).toBeInTheDocument();
    const second = screen.getByRole('button', { name: /^Visit 2/ });
    expect(second).toHaveAttribute('aria-pressed', 'false');
    await userEvent.click(second);
    await waitFor(() => {
      expect(sentChanges(asked)).toMatchObject([{ kind: 'job', fields: { visit: 2 } }]);
    });
    expect(screen.getByRole('button', { name: /^Visit 2/ })).toHaveAttribute('aria-pressed', 'true');
  });
});

describe('what the customer is told', () => {
  it('is worded anew, left out, and acknowledged by name until it changes', async () => {
    const asked = begin((made) => <ExpectationsPart plan={made} />);
    await userEvent.click(await screen.findByText('What the customer is told'));
    await press(/^Reword: Comes back in time, Growth where/);
    const wording = screen.getByLabelText('Wording for Comes back in time');
    await userEvent.clear(wording);
    await userEvent.type(wording, 'It greens again.');
    await press('Keep');
    expect(await screen.findByText('It greens again.')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Acknowledged by'), 'Grace');
    await press('Record acknowledgement');
    expect(await screen.findByText(/✓ acknowledged by Grace/)).toBeInTheDocument();
    for (const parts of screen.getAllByText(/^Made of/)) await userEvent.click(parts);
    await press(/^Leave out: Bay, Joints lose sand/);
    expect(await screen.findByText(/Grace acknowledged an earlier version/)).toBeInTheDocument();
    await press(/^As proposed: Bay, Joints lose sand/);
    expect(await screen.findByText(/✓ acknowledged by Grace/)).toBeInTheDocument();
    await waitFor(() => {
      const fields = sentChanges(asked).flatMap((c) => Object.keys((c as { fields: object }).fields));
      expect(fields).toEqual(expect.arrayContaining(['wordings.topic.comes-back', 'acknowledgement']));
    });
  });
});
