import { usePlan } from '../planning/use-plan.tsx';
import { DamagesPart } from './damages-part.tsx';
import { FeaturesPart } from './features-part.tsx';
import { JobPart } from './job-part.tsx';
import { LongAssetsPart } from './long-assets-part.tsx';
import { PreconditionsPart } from './preconditions-part.tsx';
import { PropertyPart } from './property-part.tsx';
import { SidesPart } from './sides-part.tsx';
import { WaterPart } from './water-part.tsx';

/** The property as a whole: open questions, what lasts of it, and the job's own fields. */
export function PropertySheet() {
  const { plan } = usePlan();
  return (
    <>
      <div className="sheet-head">
        <h2>Property and site</h2>
      </div>
      {(plan?.questions.length ?? 0) > 0 && (
        <div className="sheet-part">
          <h3>Open questions</h3>
          <ul style={{ margin: 0, paddingLeft: 18 }}>
            {plan?.questions.map((q) => (
              <li key={q.text}>{q.text}</li>
            ))}
          </ul>
        </div>
      )}
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
