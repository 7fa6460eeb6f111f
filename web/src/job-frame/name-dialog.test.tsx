import { beforeEach, describe, expect, it, jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { personOnDevice } from '../person-on-device.ts';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { NameDialog } from './name-dialog.tsx';

let asked: Asked[];
const close = jest.fn<() => void>();
beforeEach(() => {
  close.mockClear();
  asked = standInServer(stateOfFile({ surfaces: [] }));
});

describe('the dialog for a name', () => {
  it('duplicates the job under a name of its own', async () => {
    renderInSession(<NameDialog what="duplicate" close={close} />);
    const name = await screen.findByLabelText('Name of the new job');
    expect(name).toHaveValue('Mill, again');
    await userEvent.clear(name);
    await userEvent.type(name, ' Mill, autumn ');
    await userEvent.click(screen.getByRole('button', { name: 'Duplicate' }));
    await waitFor(() => {
      expect(close).toHaveBeenCalledTimes(1);
    });
    expect(asked.find((a) => a.path.endsWith('/copies'))?.body).toMatchObject({ name: 'Mill, autumn' });
  });

  it('saves a template, by Enter too', async () => {
    renderInSession(<NameDialog what="template" close={close} />);
    const name = await screen.findByLabelText('Name of the template');
    await userEvent.clear(name);
    await userEvent.type(name, 'Mill kind{Enter}');
    await waitFor(() => {
      expect(asked.find((a) => a.path === '/templates')?.body).toMatchObject({ name: 'Mill kind' });
    });
  });

  it('remembers who works on the device, and asks nobody', async () => {
    renderInSession(<NameDialog what="person" close={close} />);
    const name = await screen.findByLabelText('Name');
    await userEvent.clear(name);
    await userEvent.type(name, 'Ada');
    await userEvent.click(screen.getByRole('button', { name: 'Remember' }));
    await waitFor(() => {
      expect(close).toHaveBeenCalledTimes(1);
    });
    expect(personOnDevice()).toBe('Ada');
    expect(asked.every((a) => a.method === 'GET')).toBe(true);
  });

  it('takes no empty name', async () => {
    renderInSession(<NameDialog what="duplicate" close={close} />);
    await userEvent.clear(await screen.findByLabelText('Name of the new job'));
    expect(screen.getByText('a name is needed')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Duplicate' })).toBeDisabled();
  });
});
