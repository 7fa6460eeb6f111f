import { stretchInWords } from '@etappe/core';
import type { Surface } from '@etappe/core';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TapeField } from '../../quantity-fields/tape-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { PavingPart } from './paving-part.tsx';
import { say } from '../../messages/walk.ts';

/** Half a metre or a foot: as close as one guesses a height. */
const HEIGHT_STEPS = { metric: { by: 0.5 }, us: { by: 1 } } as const;
const RELIEF_STEPS = { by: 0.1, from: 1, to: 3 } as const;
const TILT_STEPS = { by: 5, to: 180 } as const;

/** How big the surface is, how high it stands and how it leans. */
export function SizePart({ surface }: { readonly surface: Surface }) {
  const { survey } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const { units } = survey.job;
  const stretch = surface.asset;
  const asset = survey.longAssets.find((a) => a.id === stretch?.asset);
  return (
    <div className="sheet-part">
      <h3>{say('how-big')}</h3>
      {stretch && asset && (
        <p className="figure">
          {asset.name}: {stretchInWords(stretch, units)}
        </p>
      )}
      <div className="sheet-grid">
        <div className="wide">
          <TapeField
            label={say('size')}
            value={surface.size}
            units={units}
            girth={surface.girth}
            reliefFactor={surface.reliefFactor}
            take={(size) => patch({ size, sizeSource: '' })}
          />
          {surface.sizeSource !== '' && <div className="field-hint">{surface.sizeSource}</div>}
        </div>
        <LengthField
          label={say('foot-above-ground')}
          metres={surface.footMetres}
          units={units}
          steps={HEIGHT_STEPS[units]}
          take={(footMetres) => patch({ footMetres })}
        />
        <LengthField
          label={say('top-above-ground')}
          metres={surface.topMetres}
          units={units}
          steps={HEIGHT_STEPS[units]}
          take={(topMetres) => patch({ topMetres })}
        />
        <NumberField
          label={say('tilt-0-floor-to-90')}
          value={surface.tiltDegrees}
          unit="°"
          steps={TILT_STEPS}
          take={(tiltDegrees) => patch({ tiltDegrees })}
        />
        <NumberField
          label={say('relief-factor')}
          value={surface.reliefFactor}
          unit="×"
          steps={RELIEF_STEPS}
          take={(reliefFactor) => patch({ reliefFactor })}
        />
        <PavingPart surface={surface} />
        <div className="wide">
          <TextField
            label={say('girth-of-a-metre-or')}
            value={surface.girth}
            placeholder={say('for-rails-posts-stones')}
            take={(girth) => patch({ girth: girth.trim() })}
          />
        </div>
      </div>
    </div>
  );
}
