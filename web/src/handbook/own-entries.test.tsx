import { afterEach, describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '@etappe/core';
import type { HandbookRecord } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';
import { press } from '../test/press.ts';
import { ABOUT, retype, openValues } from '../test/handbook-fields.ts';

afterEach(() => {
  localStorage.clear();
});

describe('entries of the house', () => {
  it('are made like one of the catalogue, and their values are their own', async () => {
    const server = new HandbookServer();
    renderHandbook('/handbook/materials/limestone');
    await press(/Add one like it$/);
    await retype('Its name', 'Lake stone');
    await retype('Reason', 'from the lake');
    await press('Add it');
    expect(await screen.findByRole('heading', { name: 'Lake stone' })).toBeInTheDocument();
    expect(server.records[0]).toMatchObject({
      part: 'material',
      id: 'own-lake-stone',
      detail: { like: 'limestone' },
    });
    await openValues();
    await press('Set Tolerates chlorine');
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getAllByRole('radio').length).toBeGreaterThan(0);
  });

  it('are made like a method, with its stages', async () => {
    const server = new HandbookServer();
    renderHandbook('/handbook/methods/soft-wash-hypochlorite');
    await press(/Add one like it$/);
    await retype('Its name', 'Our wash');
    await retype('Reason', 'as we do it');
    await press('Add it');
    await waitFor(() => {
      expect(server.records[0]).toMatchObject({ part: 'method', id: 'own-our-wash' });
    });
    const { stages } = CATALOGUE.method('soft-wash-hypochlorite');
    expect(server.records[0]?.detail['method']).toMatchObject({ name: 'Our wash', stages });
  });

  it('of a method cannot leave an agent on that must be rinsed off', async () => {
    const { id: _, source: _source, ...method } = CATALOGUE.method('soft-wash-hypochlorite');
    const detail = {
      method: { ...method, name: 'Our wash' },
      putAway: false,
      reason: 'as we do it',
      ...ABOUT,
    };
    const server = new HandbookServer([{ part: 'method', id: 'own-our-wash', revision: 1, detail }]);
    renderHandbook('/handbook/methods/own-our-wash');
    await press('Take out stage 3');
    await press('Save method');
    expect(await screen.findByText(/nothing takes sodium hypochlorite off/)).toBeInTheDocument();
    expect(server.records[0]?.revision).toBe(1);
    await press('Stage 2 earlier');
    await userEvent.click(screen.getByLabelText(/Stays on/));
    await retype('Strength, severity 1', '4');
    await press('Save method');
    await waitFor(() => {
      expect(server.records[0]?.revision).toBe(2);
    });
    expect(server.records[0]?.detail['method']).toMatchObject({
      stages: [{ kind: 'apply', leaveOn: true, strengthGramsPerLitre: [4, 8, 10, 15] }, { kind: 'pre-wet' }],
    });
  });

  it('are put away and offered again', async () => {
    const own: HandbookRecord = {
      part: 'material',
      id: 'own-lake-stone',
      revision: 1,
      detail: {
        name: 'Lake stone',
        synonyms: [],
        like: 'limestone',
        values: {},
        putAway: false,
        reason: 'from the lake',
        ...ABOUT,
      },
    };
    const server = new HandbookServer([own]);
    const { unmount } = renderHandbook('/handbook/materials/own-lake-stone');
    await userEvent.click(await screen.findByLabelText(/Put away/));
    await waitFor(() => {
      expect(server.records[0]?.detail['putAway']).toBe(true);
    });
    unmount();
    renderHandbook('/handbook/house');
    await press('Offer again');
    await waitFor(() => {
      expect(server.records[0]?.detail['putAway']).toBe(false);
    });
  });
});
