import { usePlan } from '../planning/use-plan.tsx';

/** Chemistries that never meet and how the plan holds them apart: of one face, or of the whole visit. */
export function ChemistryApart({ surface }: { readonly surface?: string }) {
  const { plan } = usePlan();
  const told = (plan?.warnings ?? []).filter(
    (w) => w.rule === 'chemistry-apart' && (surface === undefined || w.surface === surface),
  );
  if (told.length === 0) return null;
  return (
    <ul className="chemistry-apart" aria-label="Kept apart in time">
      {told.map(({ text }) => (
        <li key={text}>⇥ {text}</li>
      ))}
    </ul>
  );
}
