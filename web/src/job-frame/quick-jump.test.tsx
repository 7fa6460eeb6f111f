import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { KeysDialog } from './keys-dialog.tsx';
import { QuickJump } from './quick-jump.tsx';

beforeEach(() => {
  standInServer(
    stateOfFile({
      sides: [{ id: 'north', name: 'North' }],
      surfaces: [
        { id: 'wall', name: 'Mill wall', side: 'north', material: 'concrete', size: '4x3', findings: [] },
        { id: 'path', name: 'Mill path', material: 'concrete', size: '4x1', findings: [] },
      ],
    }),
  );
});

const closed: string[] = [];
function Jump() {
  const { pathname } = useLocation();
  return (
    <>
      <output>{pathname}</output>
      <QuickJump close={() => closed.push(pathname)} />
    </>
  );
}
const where = () => screen.getByRole('status').textContent;

describe('the jump', () => {
  it('leads to a surface at the station that is open, found by its name or its side', async () => {
    renderInSession(<Jump />, 'treat/path');
    await userEvent.type(await screen.findByRole('combobox'), 'north');
    await userEvent.click(await screen.findByText('Mill wall'));
    await waitFor(() => {
      expect(where()).toMatch(/\/treat\/wall$/);
    });
    expect(closed).toHaveLength(1);
    expect(screen.queryByText('Mill path')).toBeNull();
  });

  it('leads from the order to the walk, where every surface has its place', async () => {
    renderInSession(<Jump />, 'order');
    await userEvent.type(await screen.findByRole('combobox'), 'mill pa');
    await userEvent.click(await screen.findByText('Mill path'));
    await waitFor(() => {
      expect(where()).toMatch(/\/walk\/path$/);
    });
  });

  it('leads to a station', async () => {
    renderInSession(<Jump />);
    await userEvent.type(await screen.findByRole('combobox'), 'supp');
    await userEvent.click(await screen.findByText('Supply'));
    await waitFor(() => {
      expect(where()).toMatch(/\/supply$/);
    });
  });
});

describe('the cursor', () => {
  it('is in the field at once, so that no letter is lost', async () => {
    renderInSession(<Jump />, 'treat/path');
    const field = await screen.findByRole('combobox');
    expect(document.activeElement).toBe(field);
    await userEvent.keyboard('mill w');
    expect(field).toHaveValue('mill w');
    await userEvent.click(await screen.findByText('Mill wall'));
    await waitFor(() => {
      expect(where()).toMatch(/\/treat\/wall$/);
    });
  });
});

describe('the list of keys', () => {
  it('names every station by its figure', async () => {
    renderInSession(<KeysDialog close={() => undefined} />);
    const { textContent: text } = await screen.findByRole('dialog');
    for (const listed of ['1Walk', '4Sequence', '7Close']) expect(text).toContain(listed);
  });
});
