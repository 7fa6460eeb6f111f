import { describe, expect, it } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import { renderInSession, standInServer, stateOfFile } from '../../test/in-session.tsx';
import { ReportPage } from './report-page.tsx';

describe('the report of the walk', () => {
  it('sums by side, material and dirt, and names what is missing, with room for a photo of each face', async () => {
    standInServer(
      stateOfFile({
        sides: [{ id: 'north', name: 'North', aspectDegrees: 0 }],
        surfaces: [
          {
            id: 'wall',
            name: 'Mill wall',
            side: 'north',
            material: 'limestone',
            size: '4x3',
            findings: [{ contaminant: 'green-algae', severity: 3, share: 0.5 }],
          },
          {
            id: 'path',
            name: 'Mill path',
            side: 'north',
            band: 'floor',
            material: 'concrete',
            size: '',
            findings: [],
          },
          {
            id: 'roof',
            name: 'Mill roof',
            band: 'roof',
            material: 'granite',
            size: '2x2',
            inScope: false,
            scopeReason: 'slates are loose',
            findings: [],
          },
        ],
      }),
    );
    renderInSession(<ReportPage />);
    expect(await screen.findByText('12 m² on 1 face')).toBeInTheDocument();
    expect(screen.getByRole('img', { name: 'North 12 m²' })).toBeInTheDocument();
    const row = within(screen.getByRole('row', { name: /Green algae/ }));
    expect(row.getByText('6 m²')).toBeInTheDocument();
    expect(row.getByText('worst 3 covered')).toBeInTheDocument();
    expect(screen.getAllByText('photo')).toHaveLength(3);
    const missing = screen.getByRole('heading', { name: '✕ Not measured' }).parentElement;
    expect(missing).toHaveTextContent('Mill path');
    expect(screen.getAllByText(/slates are loose/)).toHaveLength(2);
  });
});
