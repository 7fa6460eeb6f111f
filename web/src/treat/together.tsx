import type { PlannedSurface } from '@etappe/core';
import { Button } from 'antd';
import { useMethodChoices } from '../planning/use-method-choice.ts';
import { say } from '../messages/treat.ts';

/** That a surface goes with others, what it would be alone, and how it is kept alone: as a logged choice. */
export function Together({ planned }: { readonly planned: PlannedSurface }) {
  const pickAll = useMethodChoices();
  const { surface, treatment } = planned;
  const together = treatment?.together;
  if (!together) return null;
  return (
    <p className="together">
      {together.text}{' '}
      <Button
        size="small"
        onClick={() => {
          pickAll(
            together.alone.map(({ contaminant, method }) => ({ surface: surface.id, contaminant, method })),
          );
        }}
      >
        {say('keep-it-alone')}
      </Button>
    </p>
  );
}
