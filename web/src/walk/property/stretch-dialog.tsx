import { ASSET_PARTS, ASSET_PART_NAMES, stretchSize, lowerFirst } from '@etappe/core';
import type { AssetPartKind, LongAsset } from '@etappe/core';
import { Alert, Modal } from 'antd';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { ChoiceField, ChoicesField } from '../../quantity-fields/choice-field.tsx';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { creation } from '../../survey-edits/use-entity.ts';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { ASSET_PART_OPTIONS, materialOptions } from '../options.ts';
import { say } from '../../messages/walk.ts';

interface Draft {
  readonly fromMetres: number;
  readonly toMetres: number;
  readonly widthMetres: number | null;
  readonly heightMetres: number | null;
  readonly material: string | null;
  readonly parts: readonly AssetPartKind[];
}

const TILT: Readonly<Record<AssetPartKind, number>> = { top: 0, left: 90, right: 90, underside: 180 };

/** Adds the parts of one stretch of a long asset, each a surface whose size is its chainage times its width. */
export function StretchDialog({ asset, close }: { readonly asset: LongAsset; readonly close: () => void }) {
  const { survey, catalogue, edit } = useSurveySession();
  const [draft, setDraft] = useState<Draft>({
    fromMetres: 0,
    toMetres: asset.lengthMetres,
    widthMetres: null,
    heightMetres: null,
    material: null,
    parts: ['top'],
  });
  const [fault, setFault] = useState<string | null>(null);
  const set = (more: Partial<Draft>) => {
    setDraft((before) => ({ ...before, ...more }));
    return null;
  };
  const add = () => {
    const { fromMetres, toMetres, widthMetres, heightMetres, material, parts } = draft;
    if (material === null) {
      setFault(say('choose-the-material-it-decides'));
      return;
    }
    const across = (part: AssetPartKind) =>
      part === 'left' || part === 'right' ? heightMetres : widthMetres;
    if (parts.some((part) => across(part) === null)) {
      setFault(say('give-the-width-for-top'));
      return;
    }
    const position = Math.max(0, ...survey.surfaces.map((s) => s.position));
    const faults = edit(
      parts.map((part, i) =>
        creation('surface', uuidv7(), {
          name: say('to-m', {
            name: asset.name,
            assetPartNames: lowerFirst(ASSET_PART_NAMES[part]),
            fromMetres,
            toMetres,
          }),
          band: part === 'left' || part === 'right' ? 'wall' : 'floor',
          material,
          finish: catalogue.material(material).finishes[0],
          size: stretchSize(draft, across(part) ?? 0),
          tiltDegrees: TILT[part],
          topMetres: part === 'underside' ? 0 : (heightMetres ?? 0),
          asset: { asset: asset.id, part, fromMetres, toMetres },
          position: position + i + 1,
        }),
      ),
    );
    if (faults.length > 0) setFault(faults.map((f) => f.message).join('; '));
    else close();
  };
  return (
    <Modal
      open
      title={say('a-stretch-of', { name: asset.name })}
      okText={say('add-the-stretch')}
      cancelText={say('cancel')}
      onOk={add}
      onCancel={close}
    >
      <div className="sheet-grid">
        <LengthField
          label={say('from')}
          metres={draft.fromMetres}
          units={survey.job.units}
          take={(fromMetres) => set({ fromMetres })}
        />
        <LengthField
          label={say('to')}
          metres={draft.toMetres}
          units={survey.job.units}
          take={(toMetres) => set({ toMetres })}
        />
        <LengthField
          label={say('width-of-top-and-underside')}
          metres={draft.widthMetres}
          units={survey.job.units}
          take={(widthMetres) => set({ widthMetres })}
          clear={() => set({ widthMetres: null })}
        />
        <LengthField
          label={say('height-of-the-sides')}
          metres={draft.heightMetres}
          units={survey.job.units}
          take={(heightMetres) => set({ heightMetres })}
          clear={() => set({ heightMetres: null })}
        />
        <div className="wide">
          <ChoiceField
            label={say('material')}
            value={draft.material}
            placeholder={say('search-material')}
            options={materialOptions(catalogue)}
            take={(material) => {
              set({ material });
            }}
          />
        </div>
        <div className="wide">
          <ChoicesField
            label={say('parts')}
            values={draft.parts}
            options={ASSET_PART_OPTIONS}
            placeholder={say('top-sides-underside')}
            take={(values) => set({ parts: ASSET_PARTS.filter((part) => values.includes(part)) })}
          />
        </div>
      </div>
      {fault !== null && <Alert type="error" showIcon title={fault} style={{ marginTop: 12 }} />}
    </Modal>
  );
}
