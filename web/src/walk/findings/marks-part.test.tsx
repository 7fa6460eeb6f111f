import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { MarksPart } from './marks-part.tsx';
import { AbsorptionPart } from '../surface/absorption-part.tsx';

let asked: Asked[];
const begin = (site: Record<string, unknown> = {}, material = 'concrete') => {
  asked = standInServer(
    stateOfFile({
      site,
      surfaces: [{ id: 'wall', name: 'Wall', material, size: '4x3', findings: [] }],
    }),
  );
};
const sent = () => sentChanges(asked);
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));
const tint = { marks: [{ id: 'm', surface: 'wall', lookAlike: 'red-tint' }] };
const decided = {
  ...tint,
  tests: [
    { id: 't-1', surface: 'wall', mark: 'm', test: 'look-above', outcome: 'metal' },
    { id: 't-2', surface: 'wall', mark: 'm', test: 'wet-smear', outcome: 'no' },
  ],
};

describe('a mark that nobody can name', () => {
  beforeEach(() => {
    begin();
  });

  it('is written down by what it looks like', async () => {
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await press('Red or brown tint');
    await waitFor(() => {
      expect(sent()).toMatchObject([{ kind: 'mark', op: 'create', fields: { lookAlike: 'red-tint' } }]);
    });
    expect(screen.getByRole('list', { name: 'What it may be' })).toHaveTextContent('Surface rust');
    expect(screen.getByText(/^Next test: /)).toBeInTheDocument();
  });
});

describe('a mark that stays', () => {
  it('is told by its look, and is then an expectation that is not tested', async () => {
    begin();
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await userEvent.click(await screen.findByText('A permanent mark, known by its look'));
    await press(/^Earlier wand marks/);
    await waitFor(() => {
      expect(sent()).toMatchObject([
        { kind: 'mark', op: 'create', fields: { lookAlike: null, settledAs: 'wand-marks' } },
      ]);
    });
    expect(screen.getByText(/tells the customer to expect it/)).toBeInTheDocument();
    expect(screen.queryByText(/^Next test: /)).toBeNull();
  });
});

describe('the tests of a mark', () => {
  it('are recorded with one tap, and can be taken back', async () => {
    begin(tint);
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await press('Wet it and smear');
    await press('smears red, darker on worn edges');
    await waitFor(() => {
      expect(sent()).toMatchObject([
        { kind: 'test', fields: { mark: 'm', test: 'wet-smear', outcome: 'yes' } },
      ]);
    });
    const done = screen.getByRole('list', { name: 'Tests done' });
    expect(done).toHaveTextContent('Wet it and smear');
    await userEvent.click(within(done).getByRole('button', { name: 'Take back Wet it and smear' }));
    expect(screen.queryByRole('list', { name: 'Tests done' })).toBeNull();
  });

  it('that would harm the stone are shown with the reason instead of the way to do them', async () => {
    begin(tint, 'limestone');
    renderInSession(<MarksPart surface="wall" zone={null} />);
    expect(await screen.findByText(/No acid on calcareous stone/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Spot of oxalic acid' })).toBeNull();
  });

  it('with an agent ask for the spot, and none opposed is done on the same', async () => {
    begin(tint);
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await press('Dab of hypochlorite');
    await userEvent.type(await screen.findByLabelText('Spot, a fresh one'), 'left');
    await press('stays as it is');
    expect(await screen.findByText(/was done at “left”/)).toBeInTheDocument();
  });
});

describe('a mark that the tests decide', () => {
  it('becomes a finding, as sure as they are', async () => {
    begin(decided);
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await press('It is surface rust: add it');
    await waitFor(() => {
      expect(sent()).toMatchObject([
        { kind: 'mark', fields: { settledAs: 'surface-rust' } },
        { kind: 'finding', fields: { contaminant: 'surface-rust', surface: 'wall' } },
      ]);
    });
    expect(Number(sent()[1]?.fields['confidence'])).toBeGreaterThanOrEqual(0.85);
    expect(screen.getByText(/Settled, and recorded as a finding/)).toBeInTheDocument();
  });

  it('and that stays whatever is done becomes an expectation, not a finding', async () => {
    begin({
      ...tint,
      tests: [{ id: 't-1', surface: 'wall', mark: 'm', test: 'look-above', outcome: 'crack' }],
    });
    renderInSession(<MarksPart surface="wall" zone={null} />);
    await press('It is rust from steel inside: it stays');
    await waitFor(() => {
      expect(sent()).toMatchObject([{ kind: 'mark', fields: { settledAs: 'steel-rust' } }]);
    });
    expect(sent()).toHaveLength(1);
    expect(screen.getByText(/until somebody repairs the concrete/)).toBeInTheDocument();
  });
});

describe('a drop of water', () => {
  it('is written down as typed, or as beading', async () => {
    begin();
    renderInSession(<AbsorptionPart surface="wall" material="concrete" finish="bare" />);
    await userEvent.type(await screen.findByLabelText('Or seconds, typed'), '30');
    await press('Record');
    expect(await screen.findByText('porous')).toBeInTheDocument();
    await press('It beads');
    expect(await screen.findByText('sealed: it beads')).toBeInTheDocument();
    await waitFor(() => {
      expect(sent().map((c) => c.fields['seconds'])).toEqual([30, 3600]);
    });
  });

  it('takes no time that a drop cannot have', async () => {
    begin();
    renderInSession(<AbsorptionPart surface="wall" material="concrete" finish="bare" />);
    await userEvent.type(await screen.findByLabelText('Or seconds, typed'), '-4');
    expect(await screen.findByRole('alert')).toHaveTextContent('is not a time for a drop');
    expect(screen.queryByRole('button', { name: 'Record' })).toBeNull();
  });
});
