import { formatLength, stretchInWords } from '@etappe/core';
import type { LongAsset } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { StretchDialog } from './stretch-dialog.tsx';
import { say } from '../../messages/walk.ts';

/** Docks, fences, walls along a road: surveyed and done by chainage, top, sides and underside apart. */
export function LongAssetsPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title={say('long-assets-by-chainage')}
      kind="long-asset"
      add={say('add-long-asset')}
      fields={{
        name: say('long-asset-long-assets-count', { longAssetsCount: survey.longAssets.length + 1 }),
        lengthMetres: 100,
      }}
      count={survey.longAssets.length}
      about={say('a-dock-a-fence-a')}
    >
      {survey.longAssets.map((asset) => (
        <LongAssetCard key={asset.id} asset={asset} />
      ))}
    </EntityList>
  );
}

function LongAssetCard({ asset }: { readonly asset: LongAsset }) {
  const { survey } = useSurveySession();
  const { units } = survey.job;
  const { patch } = useEntity('long-asset', asset.id);
  const [adding, setAdding] = useState(false);
  const parts = survey.surfaces.filter((s) => s.asset?.asset === asset.id);
  return (
    <EntityCard
      id={asset.id}
      name={asset.name}
      about={say('on-it', {
        lengthMetres: formatLength(asset.lengthMetres, units),
        partsCount: parts.length,
      })}
    >
      <TextField label={say('long-asset')} value={asset.name} take={(name) => patch({ name: name.trim() })} />
      <LengthField
        label={say('length')}
        metres={asset.lengthMetres}
        units={units}
        take={(lengthMetres) => patch({ lengthMetres })}
      />
      <div className="wide">
        <TextField
          label={say('where-its-zero-lies')}
          value={asset.zeroAt}
          take={(zeroAt) => patch({ zeroAt: zeroAt.trim() })}
        />
      </div>
      <div className="wide">
        {parts.map(({ id, name, asset: part }) => (
          <div key={id} className="figure">
            {part && `${stretchInWords(part, units)}: `}
            {name}
          </div>
        ))}
        <Button
          size="small"
          onClick={() => {
            setAdding(true);
          }}
        >
          {say('add-a-stretch')}
        </Button>
      </div>
      {adding && (
        <StretchDialog
          asset={asset}
          close={() => {
            setAdding(false);
          }}
        />
      )}
    </EntityCard>
  );
}
