import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { siteNotes } from './site-notes.ts';

const reading = readJobFile(
  JSON.parse(readFileSync(new URL('../../../demo/hill-observatory.etappe.json', import.meta.url), 'utf8')),
);
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey } = reading;
const said = (of: typeof survey, day = { from: '08:00', to: '11:30' }) =>
  Object.fromEntries(siteNotes(of, day).map(({ about, text }) => [about, text]));

describe('what a crew is told of the place', () => {
  it('is all that was written down, measured water as measured', () => {
    expect(said(survey)).toMatchObject({
      Access: 'Gate code from the warden; the dome gallery only with her',
      Water: 'Yard tap: 14 L/min measured, 35 m from the vehicle',
      Hours: 'work from 07:00 to 18:00; quiet from 12:00 to 13:00: no machine then',
      Event: 'Open day, 2026-05-09',
      'Existing damage':
        'Drum wall, north, below the second window: Hairline crack in the render, a metre long, shown to the warden',
    });
  });

  it('says where the day does not keep to the hours', () => {
    expect(said(survey, { from: '06:30', to: '12:01' })['Hours']).toBe(
      'work from 07:00 to 18:00; the times below run outside it; quiet from 12:00 to 13:00: no machine then',
    );
  });

  it('names what is not to be done, with the reason', () => {
    const [first] = survey.surfaces;
    if (!first) throw new Error('the demo job has surfaces');
    const scope = {
      id: 'scope-a',
      position: 0,
      surface: first.id,
      inScope: false,
      scopeReason: 'the painter comes',
      nothingFound: false,
    } as unknown as (typeof survey.scopes)[number];
    expect(said({ ...survey, scopes: [scope] })['Out of scope']).toBe('Drum wall, north: the painter comes');
  });

  it('leaves out what nobody wrote', () => {
    const { property } = survey;
    expect(
      said({ ...survey, property: { ...property, access: '', hours: null, quietHours: [] } }),
    ).not.toHaveProperty('Access');
  });
});
