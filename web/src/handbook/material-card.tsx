import { decimal, formatJetPressure, materialCard, idInWords } from '@etappe/core';
import type { Bearing, Catalogue, Finish, UnitSystem } from '@etappe/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { ForceGauge, ToleranceList } from '../drawing/limits-gauge.tsx';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { Facts } from './facts.tsx';
import { say } from '../messages/handbook.ts';

const BEARING_WORDS: Readonly<Record<Bearing, string>> = {
  yes: 'yes',
  short: say('a-short-contact-only'),
  no: 'no',
};
const BRUSH_WORDS = { none: 'none', soft: say('soft-ones'), stiff: say('stiff-ones-too') } as const;
const FOOT_WORDS = { never: 'never', 'with-care': say('with-care'), yes: 'yes' } as const;

interface CardProps {
  readonly id: string;
  readonly units: UnitSystem;
  readonly catalogue: Catalogue;
}

/** What a material bears in one of its finishes, judged by the same limits as a plan. */
export function MaterialCard({ id, units, catalogue }: CardProps) {
  const [chosen, setChosen] = useState<Finish | null>(null);
  const finishes = catalogue.material(id).finishes;
  const { material, finish, tolerances, jets, methods } = materialCard(
    id,
    catalogue,
    chosen !== null && finishes.includes(chosen) ? chosen : finishes[0],
  );
  const { tolerates } = material;
  const permitted = methods.filter((m) => m.refusals.length === 0);
  const refused = methods.filter((m) => m.refusals.length > 0);
  return (
    <>
      {material.handOver !== null && <p className="handbook-stop">✕ {material.handOver}</p>}
      {finishes.length > 1 && (
        <ChipField
          label={say('finish')}
          value={finish}
          options={finishes.map((f) => ({ value: f, label: f }))}
          take={(f) => {
            setChosen(f as Finish);
          }}
        />
      )}
      <ForceGauge
        limit={material.jetLimitKilopascal}
        forces={jets
          .filter((j) => j.allowed)
          .slice(-1)
          .map((j) => j.kilopascal)}
        units={units}
      />
      <ToleranceList tolerances={tolerances} />
      <Facts
        rows={[
          [say('also-called'), material.synonyms.join('; ')],
          [say('family'), idInWords(material.family)],
          [say('ph-it-tolerates'), say('from-to', { from: material.pH[0], to: material.pH[1] })],
          [say('chlorine'), BEARING_WORDS[tolerates.chlorine]],
          [say('oxygen-cleaners'), BEARING_WORDS[tolerates.peroxide]],
          [say('removers'), BEARING_WORDS[tolerates.solvent]],
          [say('hot-water'), BEARING_WORDS[tolerates.heat]],
          [say('acid-dissolves-it'), material.calcareous ? say('yes-it-is-calcareous') : 'no'],
          [say('salts-damage-it'), material.saltSensitive ? 'yes' : 'no'],
          [say('brushes'), BRUSH_WORDS[material.brush]],
          [say('foot-traffic'), FOOT_WORDS[material.foot]],
          [
            say('water-absorption'),
            say('kg-m2-s-a-coat', {
              sorptivity: decimal(material.sorptivity[finish], 4),
              finish,
              thirstFactor: decimal(material.thirstFactor, 1),
            }),
          ],
          [
            say('jet'),
            say('up-to', {
              jetLimitKilopascal: formatJetPressure(material.jetLimitKilopascal, units),
              jets:
                jets
                  .filter((j) => j.allowed)
                  .map((j) => j.tool.name)
                  .join(', ') || say('none-of-these-tools'),
            }),
          ],
          [say('can-be'), material.conditions.map((c) => catalogue.condition(c).name).join('; ')],
          [say('source'), material.source],
        ]}
      />
      <h4>{say('permitted-on-it-when-sound')}</h4>
      <ul>
        {permitted.map(({ method }) => (
          <li key={method.id}>
            <Link to={`/handbook/methods/${method.id}`}>{method.name}</Link>
          </li>
        ))}
        {permitted.length === 0 && <li>{say('nothing')}</li>}
      </ul>
      {refused.length > 0 && <h4>{say('refused')}</h4>}
      <ul>
        {refused.map(({ method, refusals }) => (
          <li key={method.id}>
            <Link to={`/handbook/methods/${method.id}`}>{method.name}</Link>:{' '}
            {refusals.map((r) => (
              <Link key={r.rule} className="quiet" to={`/handbook/limits/${r.rule}`}>
                {r.text}{' '}
              </Link>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}
