import { NO_SET_UP } from '../sequence/problem.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import { WHOLE } from './work-builder.ts';
import type { Task, WorkBuilder } from './work-builder.ts';

const HOSE = 'garden-hose';
/** It stands on the ground and is only wetted. */
const PLAIN = { severity: 1, shaded: false, topMetres: 0, dependsOnDirt: false } as const;

/** Rinses that no stage asks for. */
type PlainRinse = Extract<Task, 'foot-rinse' | 'clear-rinse'>;

export function isPlainRinse(task: Task): task is PlainRinse {
  return task === 'foot-rinse' || task === 'clear-rinse';
}

/** Clean water over a surface that no stage of its treatment asks for. */
export function plainRinse(
  builder: WorkBuilder,
  rinse: {
    readonly id: string;
    readonly task: PlainRinse;
    readonly surface: string;
    readonly cycle: string | null;
    readonly zone: string;
    readonly areaSquareMetres: number;
  },
): string {
  const { id, task, surface, cycle, zone, areaSquareMetres } = rinse;
  const setUp = { ...NO_SET_UP, place: zone, tool: HOSE };
  return builder.add(
    {
      id,
      cluster: id,
      seconds: (3600 * areaSquareMetres) / plannedRate(TRADE_DEFAULTS.plainRinse, PLAIN).squareMetresPerHour,
      machines: CATALOGUE.tool(HOSE).machines,
      zone,
      place: surface,
      begins: setUp,
      ends: setUp,
    },
    {
      task,
      parts: [{ surface, cycle, share: WHOLE, areaSquareMetres }],
      stages: [],
      section: null,
      areaSquareMetres,
    },
  );
}
