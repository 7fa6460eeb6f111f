import { describe, expect, it } from '@jest/globals';
import { EMPTY_HANDBOOK, companyHandbookSchema } from './company-handbook.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import { PROFILE_ID, companyProfile } from './profile.ts';

const read = (profiles: unknown) =>
  companyHandbookSchema.validate({ profiles }, { convert: false }) as {
    value: CompanyHandbook;
    error?: Error;
  };

describe('what the company writes of itself', () => {
  it('needs a name; all else may be left out', () => {
    const { value, error } = read([{ id: PROFILE_ID, name: 'Reed and Rill' }]);
    expect(error).toBeUndefined();
    expect(companyProfile(value)).toEqual({
      id: PROFILE_ID,
      name: 'Reed and Rill',
      phone: '',
      mail: '',
      address: '',
      registration: [],
      emergencyLine: '',
    });
    expect(companyProfile(EMPTY_HANDBOOK)).toBeNull();
    // As devices have kept it since before there was one.
    expect(companyProfile({ ...EMPTY_HANDBOOK, profiles: undefined } as never)).toBeNull();
  });

  it.each([
    [[{ id: PROFILE_ID, name: '' }], 'name'],
    [[{ id: PROFILE_ID, name: 'A', mail: 'nowhere' }], 'write it as office@company.example'],
    [
      [{ id: PROFILE_ID, name: 'A', registration: Array.from({ length: 7 }, (_, i) => `No. ${i}`) }],
      'registration',
    ],
    [
      [
        {
          id: PROFILE_ID,
          name: 'A',
          logo: { sha256: 'ab'.repeat(32), widthPixels: 1300, heightPixels: 100 },
        },
      ],
      'more than 12 times as long as it is high',
    ],
    [
      [{ id: PROFILE_ID, name: 'A', logo: { sha256: 'no', widthPixels: 10, heightPixels: 10 } }],
      'SHA-256 in hexadecimal',
    ],
    [[{ id: 'other', name: 'A' }], 'company'],
    [
      [
        { id: PROFILE_ID, name: 'A' },
        { id: PROFILE_ID, name: 'B' },
      ],
      'duplicate',
    ],
  ])('refuses what no paper could use', (profiles, why) => {
    expect(read(profiles).error?.message).toContain(why);
  });
});
