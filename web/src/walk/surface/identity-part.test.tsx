import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { FindingsPart } from '../findings/findings-part.tsx';
import { IdentityPart } from './identity-part.tsx';

let asked: Asked[];
beforeEach(() => {
  asked = standInServer(
    stateOfFile({
      sides: [
        { id: 'north', name: 'North' },
        { id: 'east', name: 'East' },
      ],
      surfaces: [
        {
          id: 'wall',
          name: 'Wall',
          side: 'north',
          material: 'larch-boards',
          conditions: ['splintering'],
          size: '4x3',
          findings: [{ contaminant: 'lichen', severity: 2 }],
        },
        {
          id: 'path',
          band: 'floor',
          material: 'granite',
          size: '4x1',
          findings: [{ contaminant: 'moss', severity: 1 }],
        },
      ],
    }),
  );
});
const last = async () => {
  let fields: SurveyChange['fields'] = {};
  await waitFor(() => {
    const sent = sentChanges(asked);
    expect(sent.length).toBeGreaterThan(0);
    fields = sent.at(-1)?.fields ?? {};
  });
  return fields;
};

function OfWall() {
  const { survey } = useSurveySession();
  const wall = survey.surfaces.find((s) => s.id === 'wall');
  return wall ? <IdentityPart surface={wall} /> : null;
}

describe('what a surface is', () => {
  it('offers the materials of the other surfaces, and drops what the new one cannot be', async () => {
    renderInSession(<OfWall />);
    await userEvent.click(await screen.findByRole('button', { name: 'Granite' }));
    expect(await last()).toEqual({ material: 'granite', finish: 'bare', conditions: [] });
  });

  it('takes its side with one tap', async () => {
    renderInSession(<OfWall />);
    await userEvent.click(await screen.findByRole('radio', { name: 'East' }));
    expect(await last()).toEqual({ side: 'east' });
  });

  it('leans as its height band usually does', async () => {
    renderInSession(<OfWall />);
    await userEvent.click(await screen.findByRole('radio', { name: 'Floor' }));
    expect(await last()).toEqual({ band: 'floor', tiltDegrees: 0 });
  });
});

describe('what is on it', () => {
  it('is offered from what lies on the other surfaces', async () => {
    renderInSession(<FindingsPart surface="wall" />);
    await userEvent.click(await screen.findByRole('button', { name: 'Moss' }));
    expect(await last()).toMatchObject({ surface: 'wall', contaminant: 'moss', severity: 2 });
  });

  it('is found by another word for it', async () => {
    renderInSession(<FindingsPart surface="wall" />);
    await userEvent.type(await screen.findByRole('combobox', { name: 'Add what is on it' }), 'graffiti');
    await userEvent.click(await screen.findByTitle('Spray paint'));
    expect(await last()).toMatchObject({ contaminant: 'spray-paint' });
  });
});
