import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ServerProblem, server } from '../server-connection.ts';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';

const RILL = {
  name: 'Reed and Rill',
  phone: '555 01 20',
  mail: '',
  address: '',
  registration: ['Register 4711'],
  emergencyLine: '112',
};

afterEach(() => {
  jest.restoreAllMocks();
});

describe('what the company writes of itself', () => {
  it('is written once, with its name first and its registrations a line each', async () => {
    const handbook = new HandbookServer([]);
    renderHandbook('/handbook/company');
    await userEvent.click(await screen.findByRole('button', { name: 'Save' }));
    expect(await screen.findByText('Write the name first.')).toBeInTheDocument();
    expect(handbook.batches).toEqual([]);
    await userEvent.type(screen.getByLabelText('Name'), 'Reed and Rill');
    await userEvent.type(screen.getByLabelText('Registrations, a line each'), 'Register 4711{Enter}{Enter}');
    await userEvent.type(screen.getByLabelText('Emergency line for crews'), '112');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(handbook.batches.at(-1)?.[0]).toMatchObject({
        part: 'profile',
        entry: 'company',
        op: 'put',
        base: 0,
        detail: { ...RILL, phone: '' },
      });
    });
  });

  it('is changed where it stands, and says what is wrong with it', async () => {
    const handbook = new HandbookServer([{ part: 'profile', id: 'company', revision: 3, detail: RILL }]);
    renderHandbook('/handbook/company');
    const phone = await screen.findByLabelText('Phone');
    await waitFor(() => {
      expect(phone).toHaveValue('555 01 20');
    });
    await userEvent.type(screen.getByLabelText('Mail'), 'nowhere');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/write it as office@company.example/)).toBeInTheDocument();
    expect(handbook.batches).toEqual([]);
    await userEvent.type(screen.getByLabelText('Mail'), '@rill.example');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(handbook.batches.at(-1)?.[0]).toMatchObject({
        base: 3,
        detail: { mail: 'nowhere@rill.example' },
      });
    });
  });

  it('has a logo that the server took as a picture, and none where it did not', async () => {
    const sent = jest
      .spyOn(server, 'sendPhoto')
      .mockRejectedValueOnce(new ServerProblem(415, 'This is no picture.'));
    const kept = { sha256: 'ab'.repeat(32), widthPixels: 600, heightPixels: 200 };
    sent.mockResolvedValueOnce({ ...kept, takenAt: null, receivedAt: '', receivedBy: '' });
    const handbook = new HandbookServer([{ part: 'profile', id: 'company', revision: 1, detail: RILL }]);
    renderHandbook('/handbook/company');
    const field = await screen.findByLabelText('Picture of the logo');
    const file = new File(['words'], 'logo.png', { type: 'image/png' });
    await userEvent.upload(field, file);
    expect(await screen.findByText('This is no picture.')).toBeInTheDocument();
    await userEvent.upload(field, file);
    expect(await screen.findByAltText('Logo')).toHaveAttribute('src', `/api/v1/photos/${kept.sha256}/screen`);
    expect(screen.queryByText('This is no picture.')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(handbook.batches.at(-1)?.[0]).toMatchObject({ detail: { ...RILL, logo: kept } });
    });
    await userEvent.click(screen.getByRole('button', { name: 'Without a logo' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(handbook.batches).toHaveLength(2);
    });
    expect(handbook.batches.at(-1)?.[0]).not.toHaveProperty('detail.logo');
  });
});
