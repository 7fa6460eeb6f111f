import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  units: 'metric',
  name: 'Mill',
  sides: [
    { id: 'north', name: 'North', aspectDegrees: 0 },
    { id: 'east', name: 'East', aspectDegrees: 90 },
    { id: 'south', name: 'South', aspectDegrees: 180 },
    { id: 'west', name: 'Garden side', aspectDegrees: 270 },
  ],
  site: {
    features: [
      { id: 'pond', name: 'Newt pond', kind: 'pond' },
      { id: 'yard-drain', name: 'Yard drain', kind: 'drain' },
      { id: 'rose-bed', name: 'Rose bed', kind: 'plant-bed' },
      { id: 'herb-bed', name: 'Herb bed', kind: 'plant-bed' },
    ],
  },
  surfaces: [
    {
      id: 'drum',
      name: 'Drum wall, north',
      side: 'north',
      band: 'wall',
      material: 'painted-render',
      conditions: ['chalking'],
      size: '7.5x4',
      findings: [
        { contaminant: 'green-algae', severity: 3 },
        { contaminant: 'surface-rust', severity: 2, share: 0.1 },
      ],
    },
    {
      id: 'path',
      name: 'Path, north',
      side: 'north',
      band: 'floor',
      material: 'concrete',
      size: '14x1.6',
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    },
    {
      id: 'yard',
      name: 'Service yard',
      side: 'east',
      band: 'floor',
      material: 'concrete',
      size: '8x6',
      findings: [{ contaminant: 'mineral-oil', severity: 3, share: 0.25 }],
    },
    {
      id: 'ramp',
      name: 'Loading ramp',
      side: 'east',
      band: 'floor',
      material: 'concrete',
      size: '4x3',
      findings: [],
    },
    {
      id: 'plinth',
      name: 'Terrace plinth',
      side: 'west',
      band: 'wall',
      material: 'limestone',
      size: '12x0.9',
      findings: [],
    },
  ],
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));

/** A property with four sides, five surfaces and four features. */
export const QUICK_SURVEY: Survey = reading.survey;
