import { describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';

const ADA = { name: 'Ada', tickets: ['Mobile towers'], isApprentice: false, ratePerHour: 31 };
const staffed = () => new HandbookServer([{ part: 'person', id: 'ada', revision: 1, detail: ADA }]);

describe('who works for the company', () => {
  it('is listed with tickets and rate, and opened', async () => {
    staffed();
    renderHandbook('/handbook/people/ada');
    expect(await screen.findByRole('link', { name: 'Ada Mobile towers, 31.00 an hour' })).toBeInTheDocument();
    expect(screen.getByLabelText('Name')).toHaveValue('Ada');
  });

  it('is added with a name, a rate and what they are still learning', async () => {
    const server = staffed();
    renderHandbook('/handbook/people/new');
    await userEvent.click(await screen.findByRole('button', { name: 'Save' }));
    expect(await screen.findByText('Write the name first.')).toBeInTheDocument();
    expect(server.batches).toEqual([]);
    await userEvent.type(screen.getByLabelText('Name'), 'Ivo');
    await userEvent.type(screen.getByLabelText('An hour costs us'), '14.5');
    await userEvent.click(screen.getByRole('checkbox', { name: /^Apprentice/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(server.batches.at(-1)?.[0]).toMatchObject({
        part: 'person',
        op: 'put',
        base: 0,
        detail: { name: 'Ivo', tickets: [], isApprentice: true, ratePerHour: 14.5 },
      });
    });
  });

  it('costs no less than nothing, and is taken out by one press', async () => {
    const server = staffed();
    renderHandbook('/handbook/people/ada');
    const rate = await screen.findByLabelText('An hour costs us');
    await userEvent.clear(rate);
    await userEvent.type(rate, '-3');
    expect(screen.getByText(/^An hour cannot cost less than nothing/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /Remove$/ }));
    await waitFor(() => {
      expect(server.batches.at(-1)?.[0]).toMatchObject({ part: 'person', entry: 'ada', op: 'remove' });
    });
  });
});
