import { houseCatalogue } from '../house/house-catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/rounding.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from './planned-surface.ts';
import type { Warning } from './warnings.ts';

/** Wood that was read too damp for what is to be put on it; the last reading counts. */
export function readingWarnings(surfaces: readonly TreatedSurface[], survey: FacedSurvey): readonly Warning[] {
  const catalogue = houseCatalogue(survey.handbook);
  return surfaces.flatMap(({ surface, treatment }): readonly Warning[] => {
    const coated = treatment?.stages.some((s) => s.apply?.agentClass === 'coating') ?? false;
    if (!coated || catalogue.material(surface.material).family !== 'timber') return [];
    const last = survey.readings
      .filter((r) => r.surface === surface.id && r.what === 'moisture')
      .sort((a, b) => (a.on < b.on ? -1 : 1))
      .at(-1);
    const most = TRADE_DEFAULTS.greatestWoodMoisturePercent;
    if (!last || last.figure <= most) return [];
    return [
      {
        rule: 'too-damp',
        severity: 'warn',
        surface: surface.id,
        text: `${surface.name}: ${decimal(last.figure, 1)} % moisture on ${last.on}, and what is put on it wants ${String(most)} % at most: let it dry and read again.`,
      },
    ];
  });
} // prettier-ignore
