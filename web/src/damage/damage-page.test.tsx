import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from '@jest/globals';
import { damageSheet, surveyOf } from '@etappe/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { DamagePage } from './damage-page.tsx';

const sha = 'cd'.repeat(32);
const site = {
  damages: [
    { id: 'crack', surface: 'wall', what: 'Hairline crack', where: 'below the sill', foundOn: '2026-04-20' },
  ],
  damagePhotos: [
    {
      id: 'p',
      of: 'crack',
      originalSha256: sha,
      fileSha256: sha,
      widthPixels: 40,
      heightPixels: 30,
      marks: [{ spot: { x: 0.5, y: 0.5 }, text: 'runs on' }],
    },
  ],
};
const file = (of: object) => ({
  site: of,
  surfaces: [{ id: 'wall', name: 'Wall', material: 'concrete', size: '4x3', findings: [] }],
});
const begin = (of: object) => {
  standInServer(stateOfFile(file(of)));
  renderInSession(<DamagePage />, 'damage');
};
const signed = (sheetSha256: string) => ({
  ...site,
  acknowledgements: [
    {
      id: 's',
      name: 'The warden',
      at: '2026-04-20T09:30:00.000Z',
      shownBy: 'Ada',
      damages: ['crack'],
      sheetSha256,
      signature: 'M0 0L9 9',
    },
  ],
});

beforeEach(() => {
  // What the field to sign on draws is for a real browser; here it only has to be there.
  HTMLCanvasElement.prototype.getContext = (() =>
    new Proxy({}, { get: () => () => undefined, set: () => true })) as never;
});

describe('the sheet of damage', () => {
  it('shows each damage with place, date, photo and the notes on it', async () => {
    begin(site);
    expect(await screen.findByRole('heading', { name: 'Hairline crack' })).toBeInTheDocument();
    expect(screen.getByText('Wall, below the sill · found 2026-04-20')).toBeInTheDocument();
    expect(screen.getByRole('img', { name: 'What was photographed' })).toHaveAttribute(
      'src',
      `/api/v1/photos/${sha}/screen`,
    );
    expect(screen.getByText('runs on')).toBeInTheDocument();
  });

  it('is signed only with a name and a signature', async () => {
    begin(site);
    await userEvent.click(await screen.findByRole('button', { name: 'Signed' }));
    expect(screen.getByText('who signs?')).toBeInTheDocument();
    expect(screen.getByText(/^Sign in the field/)).toBeInTheDocument();
  });

  it('that is signed shows the signature, and asks for none', async () => {
    begin(signed(damageSheet(surveyOf(stateOfFile(file(site)))).sha256));
    expect(await screen.findByRole('img', { name: 'Signature of The warden' })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Signed' })).toBeNull();
  });

  it('that was changed since says so, and asks again', async () => {
    begin(signed('0'.repeat(64)));
    expect(await screen.findByText(/changed since/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Signed' })).toBeInTheDocument();
  });

  it('without damage sends one back to look', async () => {
    begin({});
    expect(await screen.findByText(/No damage recorded/)).toBeInTheDocument();
  });
});
