import { describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import { MaterialPart } from './material-part.tsx';

function Material() {
  const { survey } = useSurveySession();
  const [step] = survey.surfaces;
  return step ? <MaterialPart surface={step} /> : null;
}
const begin = (unsureBetween: readonly string[], tests: readonly object[] = []) => {
  const asked = standInServer(
    stateOfFile({
      site: { tests },
      surfaces: [{ id: 'wall', material: 'granite', unsureBetween, size: '4x3', findings: [] }],
    }),
  );
  renderInSession(<Material />);
  return () => sentChanges(asked);
};

describe('a surface of unsure material', () => {
  it('is told apart by the tests that may be done, the acid refused with its reason', async () => {
    const sent = begin(['limestone']);
    expect(await screen.findByRole('list', { name: 'What it may be' })).toHaveTextContent('Granite');
    expect(screen.getByText(/No acid on calcareous stone/)).toBeInTheDocument();
    expect(screen.getByText(/Time it below/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Look at it closely, wet and dry' }));
    await userEvent.click(await screen.findByRole('button', { name: 'even and fine, darker when wet' }));
    await waitFor(() => {
      expect(sent()).toMatchObject([
        { kind: 'test', fields: { surface: 'wall', mark: null, test: 'wet-look', outcome: 'even' } },
      ]);
    });
  });

  it('is settled with one press once the tests say so; what it cannot be in is dropped', async () => {
    const sent = begin(['limestone'], [{ id: 't', surface: 'wall', test: 'wet-look', outcome: 'even' }]);
    await userEvent.click(await screen.findByRole('button', { name: 'It is limestone: settle it' }));
    await waitFor(() => {
      expect(sent()).toMatchObject([
        { kind: 'surface', fields: { material: 'limestone', finish: 'bare', unsureBetween: [] } },
      ]);
    });
    expect(screen.queryByRole('list', { name: 'What it may be' })).toBeNull();
  });
});
