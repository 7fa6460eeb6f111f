import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { harmTo, surroundings } from './surroundings.ts';

/** What is around one face of a property. */
function around(face: object, others: readonly object[], features: readonly object[], plants?: string) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    house: plants === undefined ? {} : { schools: { plants } },
    site: { features },
    surfaces: [
      { id: 'face', name: 'Ceiling', material: 'painted-render', size: '4x3', findings: [], ...face },
      ...others,
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const survey = faced(reading.survey);
  const [first] = survey.surfaces;
  if (!first) throw new Error('it has a face');
  return surroundings(survey)(first);
}
const BED = { id: 'bed', name: 'Rose bed', kind: 'plant-bed' };
const cedar = { id: 'cedar', name: 'Cedar screen', material: 'cedar-boards', size: '3x2', findings: [] };

describe('what is around a face', () => {
  it('is what drips on it, what its water runs over, and what stands beside it, each once and as it is exposed most', () => {
    const { neighbours } = around(
      { below: ['bed'], drainsOnto: ['bed', 'cedar'], beside: ['rail'] },
      [cedar],
      [BED, { id: 'rail', name: 'Rail', kind: 'bare-metal' }],
    );
    expect(neighbours.map(({ name, exposed }) => [name, exposed])).toEqual([
      ['Rose bed', 'drip'],
      ['Cedar screen', 'runOff'],
      ['Rail', 'beside'],
    ]);
    expect(neighbours.find(({ name }) => name === 'Cedar screen')?.harmedBy).toContain('hypochlorite');
  });

  it('drips from overhead on all that its water comes to', () => {
    const { neighbours } = around({ tiltDegrees: 180, drainsOnto: ['bed'] }, [], [BED]);
    expect(neighbours).toMatchObject([{ name: 'Rose bed', exposed: 'drip', isPlanting: true }]);
  });

  it('leaves out what is moved away, and of many alike what no longer counts', () => {
    expect(
      around({ below: ['car'] }, [], [{ id: 'car', kind: 'vehicle', movable: 'yes' }]).neighbours,
    ).toEqual([]);
    const beds = Array.from({ length: 9 }, (_, i) => ({ ...BED, id: `bed-${i}` }));
    const ids = beds.map(({ id }) => id);
    expect(around({ drainsOnto: ids }, [], beds).neighbours).toHaveLength(4);
    expect(around({ below: ids }, [], beds).neighbours).toHaveLength(2);
  });

  it('knows water that is held back: caught by the company’s practice, or before a drain that does not run', () => {
    const drain = (state: string) => ({ id: 'drain', kind: 'drain', leadsTo: 'watercourse', state });
    const down = { drainsOnto: ['drain'] };
    expect(around(down, [], [drain('runs')]).isCaught).toBe(false);
    expect(around(down, [], [drain('blocked')]).isCaught).toBe(true);
    expect(around(down, [], [drain('runs')], 'capture').isCaught).toBe(true);
    const pond = { id: 'pond', kind: 'pond' };
    expect(around({ drainsOnto: ['drain', 'pond'] }, [], [drain('blocked'), pond]).isCaught).toBe(false);
    expect(around({}, [], []).isCaught).toBe(false);
  });
});

describe('what a method harms around it', () => {
  const { neighbours } = around({ below: ['bed'], drainsOnto: ['cedar'] }, [cedar], [BED]);
  const units = (method: string) =>
    harmTo(neighbours, CATALOGUE.method(method), CATALOGUE).map(({ neighbour, units: n }) => [
      neighbour.name,
      n,
    ]);

  it('is most by what is harsh and drips, less by what is mild and brief, nothing by what harms neither', () => {
    expect(units('soft-wash-hypochlorite')).toEqual([
      ['Rose bed', 2],
      ['Cedar screen', 1],
    ]);
    expect(units('alkaline-wash-painted-wood')).toEqual([['Rose bed', 0.4]]);
    expect(units('oxygen-wash-mineral')).toEqual([['Rose bed', 0.8]]);
    expect(units('neutral-wash')).toEqual([]);
  });

  it('is less by what is laid on by hand', () => {
    expect(units('remover-in-coats')[0]).toEqual(['Rose bed', 0.6]);
  });
});
