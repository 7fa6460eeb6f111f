import type { Surface } from '@etappe/core';
import type { ReactNode } from 'react';
import { SurfaceSheet } from '../walk/surface/surface-sheet.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** A mill with a wall that is overgrown, and a yard that is left out. */
export const MILL = {
  sides: [
    { id: 'north', name: 'North', aspectDegrees: 0, shade: 'trees' },
    { id: 'south', name: 'South', aspectDegrees: 180 },
  ],
  surfaces: [
    {
      id: 'wall',
      name: 'Mill wall',
      side: 'north',
      band: 'wall',
      material: 'limestone',
      size: '4x3',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    },
    {
      id: 'yard',
      name: 'Mill yard',
      side: 'south',
      band: 'floor',
      material: 'concrete',
      size: '5x5',
      inScope: false,
      findings: [],
    },
  ],
};

/** One part of the sheet of the first surface: the whole sheet takes long to type into. */
export function Part({ of }: { readonly of: (props: { surface: Surface }) => ReactNode }) {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  const Of = of;
  return surface ? <Of surface={surface} /> : null;
}

/** The whole sheet of the first surface. */
export function OpenSheet() {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  return surface ? <SurfaceSheet surface={surface} /> : null;
}
