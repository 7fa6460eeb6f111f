import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from './face.ts';
import { walkSummary } from './walk-summary.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  units: 'metric',
  sides: [
    { id: 'north', name: 'North' },
    { id: 'empty', name: 'Empty' },
  ],
  surfaces: [
    {
      id: 'wall',
      name: 'Wall',
      side: 'north',
      material: 'painted-render',
      size: '10x4',
      findings: [
        { contaminant: 'green-algae', severity: 2, share: 0.5 },
        { contaminant: 'surface-rust', severity: 1, share: 0.1 },
      ],
      zones: [
        {
          id: 'foot',
          name: 'Foot',
          lies: 'foot',
          size: '10x0.5',
          findings: [{ contaminant: 'green-algae', severity: 4 }],
        },
      ],
    },
    {
      id: 'path',
      name: 'Path',
      side: 'north',
      band: 'floor',
      material: 'concrete',
      size: '5x2',
      findings: [],
    },
    { id: 'open', name: 'Open', side: 'north', material: 'granite', size: '', findings: [] },
    {
      id: 'out',
      name: 'Out',
      side: 'north',
      material: 'granite',
      size: '3x3',
      inScope: false,
      scopeReason: 'the painter comes',
      findings: [],
    },
    {
      id: 'loose',
      name: 'Loose',
      material: 'concrete',
      size: '1x1',
      findings: [{ contaminant: 'mineral-oil', severity: 3 }],
    },
  ],
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const summary = walkSummary(faced(reading.survey));

describe('the summary of a walk', () => {
  it('sums what is in scope and measured, zones apart from the rest of their surface', () => {
    expect(summary.squareMetres).toBeCloseTo(51, 6);
    expect(summary.byMaterial).toEqual([
      { id: 'painted-render', squareMetres: 40, faces: 2 },
      { id: 'concrete', squareMetres: 11, faces: 2 },
    ]);
  });

  it('counts a contaminant by the share that it covers, with its worst severity', () => {
    expect(summary.byContaminant).toEqual([
      { id: 'green-algae', squareMetres: 22.5, faces: 2, worst: 4 },
      { id: 'surface-rust', squareMetres: 3.5, faces: 1, worst: 1 },
      { id: 'mineral-oil', squareMetres: 0.25, faces: 1, worst: 3 },
    ]);
  });

  it('splits each side by the worst finding of its faces, which adds up to the side', () => {
    expect(summary.bySide).toEqual([
      { id: 'north', name: 'North', bySeverity: { 0: 10, 1: 0, 2: 35, 3: 0, 4: 5 } },
      { id: null, name: 'No side', bySeverity: { 0: 0, 1: 0, 2: 0, 3: 1, 4: 0 } },
    ]);
  });

  it('names what is not measured, left out or without a finding', () => {
    const ids = (faces: readonly { readonly id: string }[]) => faces.map((f) => f.id);
    expect([ids(summary.notMeasured), ids(summary.leftOut), ids(summary.withoutFinding)]).toEqual([
      ['open'],
      ['out'],
      ['path', 'open'],
    ]);
  });
});
