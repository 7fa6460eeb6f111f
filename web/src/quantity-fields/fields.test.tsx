import { describe, expect, it, jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { LengthField } from './length-field.tsx';
import { NumberField } from './number-field.tsx';
import { TapeField } from './tape-field.tsx';

describe('a tape field', () => {
  function Size({ start, refused = null }: { readonly start: string; readonly refused?: string | null }) {
    const [size, setSize] = useState(start);
    return (
      <TapeField
        label="Size"
        value={size}
        units="metric"
        take={(text) => {
          if (refused === null) setSize(text);
          return refused;
        }}
      />
    );
  }

  it('shows the result and the sum while typing', async () => {
    render(<Size start="" />);
    await userEvent.type(screen.getByLabelText('Size'), '7.5x4 - 2(1x1.5)');
    expect(screen.getByText('27 m²')).toBeInTheDocument();
    expect(screen.getByText('− 2(1x1.5) = 3 m²')).toBeInTheDocument();
  });

  it('proposes what could stand at the fault, and takes it', async () => {
    render(<Size start="7.5x4 + 6" />);
    await userEvent.click(screen.getByRole('button', { name: 'Use 6m2' }));
    expect(screen.getByLabelText('Size')).toHaveValue('7.5x4 + 6m2');
    expect(screen.getByText('36 m²')).toBeInTheDocument();
  });

  it('closes a bracket where it ends', async () => {
    render(<Size start="2(3x2" />);
    await userEvent.click(screen.getByRole('button', { name: 'Use )' }));
    expect(screen.getByText('12 m²')).toBeInTheDocument();
  });

  it('keeps what was typed when it is refused, and says why', async () => {
    render(<Size start="" refused="not now" />);
    await userEvent.type(screen.getByLabelText('Size'), '3x2');
    expect(screen.getByLabelText('Size')).toHaveValue('3x2');
    expect(screen.getByRole('alert')).toHaveTextContent('not now');
  });
});

describe('a length field', () => {
  it('shows feet for a US job and takes feet and inches', async () => {
    const take = jest.fn<(metres: number) => null>(() => null);
    render(<LengthField label="Top" metres={2.7} units="us" take={take} />);
    expect(screen.getByLabelText('Top')).toHaveValue('8.86');
    await userEvent.clear(screen.getByLabelText('Top'));
    await userEvent.type(screen.getByLabelText('Top'), '12ft 6in');
    expect(take).toHaveBeenLastCalledWith(3.81);
  });
});

describe('a number field', () => {
  it('shows a share in percent and gives it back as a share', async () => {
    const take = jest.fn<(value: number) => null>(() => null);
    render(<NumberField label="Share" value={0.8} unit="%" scale={100} take={take} />);
    await userEvent.clear(screen.getByLabelText('Share'));
    await userEvent.type(screen.getByLabelText('Share'), '62,5');
    expect(take).toHaveBeenLastCalledWith(0.625);
  });

  it('takes no text for a number, and nothing only where nothing means something', async () => {
    const take = jest.fn<(value: number) => null>(() => null);
    const clear = jest.fn<() => null>(() => null);
    render(<NumberField label="Flow" value={14} unit="L/min" take={take} clear={clear} />);
    await userEvent.clear(screen.getByLabelText('Flow'));
    expect(clear).toHaveBeenCalledTimes(1);
    await userEvent.type(screen.getByLabelText('Flow'), 'much');
    expect(screen.getByRole('alert')).toHaveTextContent('“much” is not a number');
    expect(take).not.toHaveBeenCalled();
  });
});
