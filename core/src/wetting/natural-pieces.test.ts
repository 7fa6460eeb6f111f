import { describe, expect, it } from '@jest/globals';
import { takeOffFace } from '../takeoff/take-off.ts';
import { naturalPieces } from './natural-pieces.ts';

const of = (name: string, size: string) =>
  naturalPieces({ name, takeOff: takeOffFace({ size, girth: '', reliefFactor: 1 }, 'metric') });

describe('natural pieces', () => {
  it.each<[string, string, string | null]>([
    ['Panes, street side', '8(1.2x0.9)', '8 pane'],
    ['Fence panels, west', '12(1.8x1.8)', '12 panel'],
    ['Headstones, row 3', '19(0.6x1.1)', '19 stone'],
    ['Steps to the terrace', '14(1.2x0.45)', '14 tread'],
    ['Bays of the arcade', '5(2x3)', '5 bay'],
    ['Garage doors', '3(2.4x2.1)', '3 door'],
    ['Planters', '6(1x0.8)', '6 piece'],
    ['Windowsills', '6(1x0.2)', '6 piece'],
    ['Two gables', '2(7.5x4)', null],
    ['Path', '12x1.2', null],
    ['Tiles', '900(0.1x0.1)', null],
    ['Not measured', '', null],
  ])('of %s, %s, are %s', (name, size, pieces) => {
    const found = of(name, size);
    expect(found && `${found.count} ${found.what}`).toBe(pieces);
  });
});
