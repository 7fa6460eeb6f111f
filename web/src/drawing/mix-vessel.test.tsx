import { describe, expect, it } from '@jest/globals';
import type { MixCard } from '@etappe/core';
import { render, screen } from '@testing-library/react';
import { MixVessel, vesselLayers } from './mix-vessel.tsx';

const card: MixCard = {
  agent: 'hypochlorite',
  litres: 20,
  targetGramsPerLitre: 30,
  strengthGramsPerLitre: 30,
  parts: [
    { what: 'Water', role: 'water', agent: null, litres: 15.12, grams: null },
    { what: 'Sodium hypochlorite', role: 'stock', agent: 'hypochlorite', litres: 4.8, grams: null },
    { what: 'Non-ionic surfactant', role: 'surfactant', agent: null, litres: 0.08, grams: null },
  ],
};

describe('the mix vessel', () => {
  it('lays what goes in first lowest, each as high as its share', () => {
    const [water, stock, surfactant] = vesselLayers(card, 100);
    expect(water?.height).toBeCloseTo(75.6, 1);
    expect(stock?.y).toBeLessThan(water?.y ?? 0);
    expect(surfactant?.y).toBe(0);
  });

  it('says the order of adding to those who do not see it', () => {
    render(<MixVessel card={card} units="metric" />);
    expect(
      screen.getByRole('img', {
        name: 'In this order: Water 15.12 L, Sodium hypochlorite 4.8 L, Non-ionic surfactant 80 mL',
      }),
    ).toBeInTheDocument();
  });
});
