import { describe, expect, it, jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ChipField, CuedChecks, Suggested } from './chip-field.tsx';

const sides = [
  { value: 'n', label: 'North' },
  { value: 'e', label: 'East' },
];

describe('chips', () => {
  it('show which of a few it is, and take another by tap and by key', async () => {
    const take = jest.fn<(value: string) => void>();
    render(<ChipField label="Side" value="n" options={sides} take={take} />);
    expect(screen.getByRole('group', { name: 'Side' })).toBeInTheDocument();
    expect(screen.getByRole('radio', { name: 'North' })).toBeChecked();
    await userEvent.click(screen.getByText('East'));
    expect(take).toHaveBeenLastCalledWith('e');
  });

  it('show none where nothing is chosen yet', () => {
    render(<ChipField label="Side" value={null} options={sides} take={() => undefined} />);
    for (const radio of screen.getAllByRole('radio')) expect(radio).not.toBeChecked();
  });
});

describe('checks with their cue', () => {
  it('add and take away one without touching the others', async () => {
    const take = jest.fn<(values: readonly string[]) => void>();
    const options = [
      { id: 'cracked', name: 'cracked', cue: 'water disappears into it' },
      { id: 'loose', name: 'loose joints', cue: 'a flag that rocks' },
    ];
    render(<CuedChecks legend="Condition" options={options} values={['cracked']} take={take} />);
    await userEvent.click(screen.getByText('a flag that rocks'));
    expect(take).toHaveBeenLastCalledWith(['cracked', 'loose']);
    await userEvent.click(screen.getByRole('checkbox', { name: /cracked/ }));
    expect(take).toHaveBeenLastCalledWith([]);
  });
});

describe('suggestions', () => {
  it('are one tap away, and say nothing where there are none', async () => {
    const take = jest.fn<(value: string) => void>();
    const { rerender, container } = render(
      <Suggested label="Used here" lead="Here also:" options={sides} take={take} />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'East' }));
    expect(take).toHaveBeenLastCalledWith('e');
    rerender(<Suggested label="Used here" lead="Here also:" options={[]} take={take} />);
    expect(container).toBeEmptyDOMElement();
  });
});
