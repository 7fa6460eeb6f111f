import { afterEach, describe, expect, it } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';

const show = (path: string) => {
  new HandbookServer();
  return renderHandbook(path);
};

afterEach(() => {
  localStorage.clear();
});

describe('the handbook', () => {
  it('begins with the materials, found by any of their names', async () => {
    show('/handbook');
    expect(screen.getByRole('link', { name: /^Limestone stone/ })).toBeInTheDocument();
    await userEvent.type(screen.getByRole('searchbox'), 'blacktop');
    expect(screen.getByRole('link', { name: /^Asphalt paving/ })).toBeInTheDocument();
    expect(screen.queryByRole('link', { name: /^Limestone stone/ })).toBeNull();
    await userEvent.clear(screen.getByRole('searchbox'));
    await userEvent.type(screen.getByRole('searchbox'), 'zzz');
    expect(screen.getByText(/Nothing by that name/)).toBeInTheDocument();
  });

  it('shows what a material bears in its finish, with the rules that refuse', async () => {
    show('/handbook/materials/clay-brick');
    const agents = screen.getByRole('list', { name: 'Agents that the surface allows' });
    expect(agents).toHaveTextContent('caustic: yes');
    await userEvent.click(screen.getByRole('radio', { name: 'painted' }));
    expect(agents).toHaveTextContent('caustic: no');
    const [rule] = screen.getAllByRole('link', { name: /Caustic strips paint/ });
    expect(rule).toHaveAttribute('href', '/handbook/limits/no-caustic-on-paint');
  });

  it('speaks in US units where somebody wants them, and remembers it', async () => {
    const { unmount } = show('/handbook/tools/pole-brush');
    expect(screen.getByRole('article')).toHaveTextContent('9 m from where you stand');
    await userEvent.click(screen.getByText('US'));
    expect(screen.getByRole('article')).toHaveTextContent('29.5 ft from where you stand');
    unmount();
    show('/handbook/materials/granite');
    expect(screen.getByRole('article')).toHaveTextContent('up to 29.01 psi');
  });

  it('compares two entries side by side', async () => {
    show('/handbook/agents/hypochlorite');
    await userEvent.selectOptions(screen.getByLabelText('Compare with'), 'Sodium percarbonate');
    expect(screen.getAllByRole('article')).toHaveLength(2);
    expect(screen.getByRole('heading', { name: 'Sodium percarbonate' })).toBeInTheDocument();
  });

  it('prints as a booklet: every entry that is found, with its card', async () => {
    show('/handbook/materials?group=glass');
    await userEvent.click(screen.getByRole('button', { name: 'All 4 as a booklet' }));
    expect(screen.getAllByRole('article')).toHaveLength(4);
    await userEvent.click(screen.getByRole('link', { name: 'Back to the list' }));
    expect(screen.queryAllByRole('article')).toHaveLength(0);
  });

  it.each([
    ['/handbook/contaminants/lichen', 'rooted in the surface'],
    ['/handbook/agents/ammonium-bifluoride', 'never schedules them'],
    ['/handbook/tools/wide-fan', '25° at 2400 psi'],
    ['/handbook/methods/rust-oxalic', 'g/L by severity'],
    ['/handbook/limits/ph-too-low', 'lowest pH it tolerates above pH of the agent'],
    ['/handbook/tests/magnet', 'it sticks'],
    ['/handbook/materials/fibre-cement', 'licensed specialists test it first'],
    ['/handbook/safety', 'cannot be switched off'],
    ['/handbook/materials/unobtainium', 'no entry “unobtainium”'],
    ['/handbook/recipes', 'no part “recipes”'],
  ])('%s', (path, words) => {
    show(path);
    expect(screen.getByRole('main')).toHaveTextContent(words);
  });

  it('says of two classes whether they may meet, by mouse and by key', async () => {
    show('/handbook/never-meet');
    const drawn = screen.getByRole('group', { name: 'Classes of agents that must never meet' });
    await userEvent.click(within(drawn).getByRole('button', { name: 'acid and hypochlorite: never' }));
    expect(screen.getByText('Oxalic acid')).toBeInTheDocument();
    within(drawn)
      .getByRole('button', { name: /^neutral and acid/ })
      .focus();
    await userEvent.keyboard('{Enter}');
    expect(screen.getByText(/May follow each other after a rinse/)).toBeInTheDocument();
  });
});
