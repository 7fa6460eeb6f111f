import { describe, expect, it, jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { LengthField } from './length-field.tsx';
import { NumberField } from './number-field.tsx';
import { stepped } from './stepper.tsx';
import type { Steps } from './stepper.tsx';

describe('a step', () => {
  it.each<[string, number, 1 | -1, Steps, number]>([
    ['goes to the next whole step', 2.3, 1, { by: 0.5 }, 2.5],
    ['goes down to the one below', 2.3, -1, { by: 0.5 }, 2],
    ['moves on from a whole step', 2.5, 1, { by: 0.5 }, 3],
    ['is not misled by binary fractions', 0.3, 1, { by: 0.1 }, 0.4],
    ['stops at the upper bound', 95, 1, { by: 10, to: 100 }, 100],
    ['stops at nothing where no bound is given', 0.2, -1, { by: 0.5 }, 0],
    ['stops at the lower bound', 1, -1, { by: 0.1, from: 1 }, 1],
  ])('%s', (_, value, way, steps, expected) => {
    expect(stepped(value, way, steps)).toBe(expected);
  });
});

describe('a field with steps', () => {
  function Share({ start }: { readonly start: number | null }) {
    const [share, setShare] = useState(start);
    return (
      <NumberField
        label="Share"
        value={share}
        unit="%"
        scale={100}
        steps={{ by: 10, to: 100 }}
        take={(value) => {
          setShare(value);
          return null;
        }}
      />
    );
  }
  const field = () => screen.getByRole('textbox', { name: 'Share' });
  const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

  it('counts what stands in it, up to its bound', async () => {
    render(<Share start={0.85} />);
    await press('Share: more');
    expect(field()).toHaveValue('90');
    await press('Share: more');
    expect(field()).toHaveValue('100');
    expect(screen.getByRole('button', { name: 'Share: more' })).toBeDisabled();
    await press('Share: less');
    expect(field()).toHaveValue('90');
  });

  it('counts from nothing where it is empty, and goes on from what was typed', async () => {
    render(<Share start={null} />);
    await press('Share: more');
    expect(field()).toHaveValue('10');
    await userEvent.clear(field());
    await userEvent.type(field(), '42');
    await press('Share: less');
    expect(field()).toHaveValue('40');
  });

  it('counts a length in the unit of the job', async () => {
    const take = jest.fn<(metres: number) => null>(() => null);
    render(<LengthField label="Top" metres={2.4384} units="us" steps={{ by: 1 }} take={take} />);
    await press('Top: more');
    expect(screen.getByRole('textbox', { name: 'Top' })).toHaveValue('9');
    expect(take.mock.lastCall?.[0]).toBeCloseTo(2.7432, 4);
  });
});
