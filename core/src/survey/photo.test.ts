import { describe, expect, it } from '@jest/globals';
import { cameraTime, photoSchema } from './photo.ts';

describe('the time of a camera', () => {
  it('is taken as it was written, without a zone', () => {
    expect(cameraTime('2026:04:20 10:15:00')).toBe('2026-04-20T10:15:00');
  });

  it.each(['0000:00:00 00:00:00', '2026:13:40 99:00:00', 'yesterday', '', undefined, null, 7])(
    '%s is none',
    (tag) => {
      expect(cameraTime(tag)).toBeNull();
    },
  );
});

describe('a photo', () => {
  const sha = 'ab'.repeat(32);
  const photo = { of: 'wall', originalSha256: sha, fileSha256: sha, widthPixels: 400, heightPixels: 300 };
  const faults = (more: object) =>
    photoSchema.validate({ ...photo, ...more }, { convert: false }).error?.message ?? '';

  it('begins without marks, place or measure', () => {
    expect(photoSchema.validate(photo).value).toMatchObject({
      marks: [],
      place: null,
      face: null,
      caption: '',
    });
  });

  it.each<[string, object, string]>([
    ['a hash that is none', { fileSha256: 'xyz' }, 'SHA-256'],
    ['a mark off the picture', { marks: [{ spot: { x: 1.2, y: 0 } }] }, 'less than or equal to 1'],
    [
      'three corners',
      {
        face: {
          corners: [
            { x: 0, y: 0 },
            { x: 1, y: 0 },
            { x: 1, y: 1 },
          ],
          known: 'width',
          metres: 1,
        },
      },
      'at least 4',
    ],
    ['a door of no height', { face: { corners: [], known: 'width', metres: 0 } }, ''],
    ['a place off the globe', { place: { latitude: 91, longitude: 0 } }, 'less than or equal to 90'],
    ['a time with a zone', { takenAt: '2026-04-20T10:15:00Z' }, 'YYYY-MM-DDThh:mm:ss'],
  ])('with %s is refused', (_, more, words) => {
    expect(faults(more)).not.toBe('');
    expect(faults(more)).toContain(words);
  });
});
