import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { DamagesPart } from './damages-part.tsx';
import { FeaturesPart } from './features-part.tsx';
import { JobPart } from './job-part.tsx';
import { LongAssetsPart } from './long-assets-part.tsx';
import { PreconditionsPart } from './preconditions-part.tsx';
import { AT, QuestionsPart } from '../../records/questions-part.tsx';
import { PropertyPart } from './property-part.tsx';
import { SidesPart } from './sides-part.tsx';
import { WaterPart } from './water-part.tsx';
import { say } from '../../messages/walk.ts';

/** The property as a whole: open questions, what lasts of it, and the job's own fields. */
export function PropertySheet() {
  const at = useSearchParams()[0].get(AT);
  useEffect(() => {
    if (at === null) return;
    const entity = document.querySelector(`[data-entity="${CSS.escape(at)}"]`);
    entity?.scrollIntoView({ block: 'center' });
    entity?.querySelector<HTMLElement>('summary, input')?.focus({ preventScroll: true });
  }, [at]);
  return (
    <>
      <div className="sheet-head">
        <h2>{say('property-and-site')}</h2>
      </div>
      <QuestionsPart />
      <SidesPart />
      <FeaturesPart />
      <WaterPart />
      <PropertyPart />
      <LongAssetsPart />
      <PreconditionsPart />
      <DamagesPart surface={null} />
      <JobPart />
    </>
  );
}
