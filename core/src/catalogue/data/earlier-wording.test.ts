import { describe, expect, it } from '@jest/globals';
import { earlierWording } from './earlier-wording.ts';

describe('the words of then', () => {
  it('are those that customers acknowledged', () => {
    expect(earlierWording('Some bricks were fired dark: they stay dark.')).toBe(
      'Some bricks are dark by their firing: they stay dark.',
    );
  });

  it('keep the figures that stand in them', () => {
    expect(earlierWording('The jet hits with 26 kPa; in its state this surface stands 5 kPa.')).toBe(
      'The jet presses 26 kPa on a surface that stands 5 kPa in its state.',
    );
    expect(earlierWording('The agent works from 5 °C up; the plan expects 2 °C.')).toBe(
      'The agent works from 5 °C on, and 2 °C are counted with.',
    );
    expect(earlierWording('The agent has pH 1; this material tolerates pH 6 to 9.')).toBe(
      'The agent has pH 1; this material bears pH 6 to 9.',
    );
  });

  it('are those of now where nothing has changed', () => {
    expect(earlierWording('Weeds come back.')).toBe('Weeds come back.');
  });
});
