import { decimal, formatJetPressure, materialCard } from '@etappe/core';
import type { Bearing, Catalogue, Finish, UnitSystem } from '@etappe/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { ForceGauge, ToleranceList } from '../drawing/limits-gauge.tsx';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { Facts } from './facts.tsx';

const BEARING_WORDS: Readonly<Record<Bearing, string>> = {
  yes: 'yes',
  short: 'a short contact only',
  no: 'no',
};
const BRUSH_WORDS = { none: 'none', soft: 'soft ones', stiff: 'stiff ones too' } as const;
const FOOT_WORDS = { never: 'never', 'with-care': 'with care', yes: 'yes' } as const;

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
          label="Finish"
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
          ['Also called', material.synonyms.join('; ')],
          ['Family', material.family],
          ['pH it tolerates', `${material.pH[0]} to ${material.pH[1]}`],
          ['Chlorine', BEARING_WORDS[tolerates.chlorine]],
          ['Oxygen cleaners', BEARING_WORDS[tolerates.peroxide]],
          ['Removers', BEARING_WORDS[tolerates.solvent]],
          ['Hot water', BEARING_WORDS[tolerates.heat]],
          ['Acid dissolves it', material.calcareous ? 'yes: it is calcareous' : 'no'],
          ['Salts damage it', material.saltSensitive ? 'yes' : 'no'],
          ['Brushes', BRUSH_WORDS[material.brush]],
          ['Foot traffic', FOOT_WORDS[material.foot]],
          [
            'Water absorption',
            `${decimal(material.sorptivity[finish], 4)} kg/(m²·√s) ${finish}; a coat takes ×${decimal(material.thirstFactor, 1)}`,
          ],
          [
            'Jet',
            `up to ${formatJetPressure(material.jetLimitKilopascal, units)}: ${
              jets
                .filter((j) => j.allowed)
                .map((j) => j.tool.name)
                .join(', ') || 'none of these tools'
            }`,
          ],
          ['Can be', material.conditions.map((c) => catalogue.condition(c).name).join('; ')],
          ['Source', material.source],
        ]}
      />
      <h4>Permitted on it when sound and away from water</h4>
      <ul>
        {permitted.map(({ method }) => (
          <li key={method.id}>
            <Link to={`/handbook/methods/${method.id}`}>{method.name}</Link>
          </li>
        ))}
        {permitted.length === 0 && <li>nothing</li>}
      </ul>
      {refused.length > 0 && <h4>Refused</h4>}
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
