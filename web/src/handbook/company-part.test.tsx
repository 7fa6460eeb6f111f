import { describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';

const RILL = {
  name: 'Reed and Rill',
  phone: '555 01 20',
  mail: '',
  address: '',
  registration: ['Register 4711'],
  emergencyLine: '112',
};

describe('what the company writes of itself', () => {
  it('is written once, with its name first and its registrations a line each', async () => {
    const server = new HandbookServer([]);
    renderHandbook('/handbook/company');
    await userEvent.click(await screen.findByRole('button', { name: 'Save' }));
    expect(await screen.findByText('Write the name first.')).toBeInTheDocument();
    expect(server.batches).toEqual([]);
    await userEvent.type(screen.getByLabelText('Name'), 'Reed and Rill');
    await userEvent.type(screen.getByLabelText('Registrations, a line each'), 'Register 4711{Enter}{Enter}');
    await userEvent.type(screen.getByLabelText('Emergency line for crews'), '112');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(server.batches.at(-1)?.[0]).toMatchObject({
        part: 'profile',
        entry: 'company',
        op: 'put',
        base: 0,
        detail: { ...RILL, phone: '' },
      });
    });
  });

  it('is changed where it stands, and says what is wrong with it', async () => {
    const server = new HandbookServer([{ part: 'profile', id: 'company', revision: 3, detail: RILL }]);
    renderHandbook('/handbook/company');
    const phone = await screen.findByLabelText('Phone');
    await waitFor(() => {
      expect(phone).toHaveValue('555 01 20');
    });
    await userEvent.type(screen.getByLabelText('Mail'), 'nowhere');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/write it as office@company.example/)).toBeInTheDocument();
    expect(server.batches).toEqual([]);
    await userEvent.type(screen.getByLabelText('Mail'), '@rill.example');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(server.batches.at(-1)?.[0]).toMatchObject({ base: 3, detail: { mail: 'nowhere@rill.example' } });
    });
  });
});
