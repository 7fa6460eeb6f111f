import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { PavingPart } from './paving-part.tsx';
import { SidesPart } from '../property/sides-part.tsx';

const state = stateOfFile({
  sides: [{ id: 'north', name: 'North' }],
  surfaces: [
    { id: 'drive', material: 'block-paving', side: 'north', band: 'floor', size: '8x6', findings: [] },
    { id: 'slab', material: 'concrete', side: 'north', band: 'floor', size: '8x6', findings: [] },
  ],
});
let asked: Asked[];
beforeEach(() => {
  asked = standInServer(state);
});
function Paving({ of }: { readonly of: string }) {
  const surface = useSurveySession().survey.surfaces.find((s) => s.id === of);
  return surface ? <PavingPart surface={surface} /> : null;
}
const type = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, text);
};

describe('how paving is laid', () => {
  it('is as usual until somebody measures it, tells its sand with the sum, and goes back', async () => {
    renderInSession(<Paving of="drive" />);
    expect(await screen.findByText(/= 5.5 kg\/m²/)).toBeInTheDocument();
    expect(screen.getByText(/measure one block and its joint/)).toBeInTheDocument();
    await type('Length of a block', '240');
    await type('Width of a block', '160');
    expect(await screen.findByText(/\(1 − 240 × 160 ÷ \(244 × 164\)\) .* = 3.88 kg\/m²/)).toBeInTheDocument();
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)?.fields['paving']).toEqual({
        lengthMillimetres: 240,
        widthMillimetres: 160,
        jointMillimetres: 4,
        depthMillimetres: 60,
      });
    });
    await userEvent.click(screen.getByRole('button', { name: 'As it is usually laid' }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)?.fields).toEqual({ paving: null });
    });
  });

  it('refuses a joint of nothing with the limit, and keeps what was there', async () => {
    renderInSession(<Paving of="drive" />);
    await type('Joint', '0');
    expect(await screen.findByText(/must be greater than or equal to 1/)).toBeInTheDocument();
    expect(sentChanges(asked)).toEqual([]);
  });

  it('is not asked of a face without joints of sand', async () => {
    renderInSession(
      <>
        <p>there</p>
        <Paving of="slab" />
      </>,
    );
    await screen.findByText('there');
    expect(screen.queryByText('How it is laid')).toBeNull();
  });
});

describe('the narrowest gap of a side', () => {
  it('is measured for towers and lifts, and open until then', async () => {
    renderInSession(<SidesPart />);
    await type('Narrowest gap', '1.2');
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)).toMatchObject({ entity: 'north', fields: { gapMetres: 1.2 } });
    });
    await userEvent.clear(screen.getByLabelText('Narrowest gap'));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)).toMatchObject({ fields: { gapMetres: null } });
    });
  });
});
