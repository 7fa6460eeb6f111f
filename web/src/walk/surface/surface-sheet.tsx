import { ArrowLeftOutlined } from '@ant-design/icons';
import type { Surface } from '@etappe/core';
import { Link } from 'react-router';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { ConditionPart } from './condition-part.tsx';
import { CopyToSides } from './copy-to-sides.tsx';
import { DamagesPart } from '../property/damages-part.tsx';
import { DeleteSurface } from './delete-surface.tsx';
import { FindingsPart } from '../findings/findings-part.tsx';
import { IdentityPart } from './identity-part.tsx';
import { LogPart } from './log-part.tsx';
import { Neighbours } from './neighbours.tsx';
import { PastPart } from './past-part.tsx';
import { PhotosPart } from './photos-part.tsx';
import { ScopePart } from './scope-part.tsx';
import { SizePart } from './size-part.tsx';
import { SurroundingsPart } from './surroundings-part.tsx';
import { ZonesPart } from './zones-part.tsx';
import { say } from '../../messages/walk.ts';

/** Everything about one surface in the order in which one looks; nothing needs saving. */
export function SurfaceSheet({ surface }: { readonly surface: Surface }) {
  const { jobId } = useSurveySession();
  return (
    <>
      <div className="sheet-head">
        <Link to={`/jobs/${jobId}/walk`} aria-label={say('back-to-the-grid')} className="sheet-back">
          <ArrowLeftOutlined />
        </Link>
        <h2>{surface.name}</h2>
        <Neighbours surface={surface.id} />
        <CopyToSides surface={surface} />
        <DeleteSurface id={surface.id} name={surface.name} />
      </div>
      <IdentityPart surface={surface} />
      <SizePart surface={surface} />
      <PhotosPart surface={surface.id} name={surface.name} />
      <ConditionPart
        surface={surface.id}
        material={surface.material}
        finish={surface.finish}
        conditions={surface.conditions}
      />
      <FindingsPart surface={surface.id} />
      <ZonesPart surface={surface} />
      <SurroundingsPart surface={surface} />
      <PastPart surface={surface} />
      <DamagesPart surface={surface.id} />
      <ScopePart surface={surface.id} />
      <LogPart entity={surface.id} />
    </>
  );
}
