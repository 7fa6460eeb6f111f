import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { BANDS } from '../survey/surface.ts';
import type { Act, JudgedFace, JudgedPlace, LogEntry } from './day-log.ts';

/** Steeper than this a face is a wall that a washed floor splashes, degrees. */
const WALL_DEGREES = 60;

const NOWHERE: ReadonlySet<string> = new Set();

/** How the water and the spray of each face come to others; the judge's own walk over the survey. */
export class Grounds {
  private readonly faces: ReadonlyMap<string, JudgedFace>;
  private readonly flows: ReadonlyMap<string, ReadonlySet<string>>;
  /** With the loops that height bands bring in beside named run-off: for what may meet, not for what is above what. */
  private readonly mayFlow: ReadonlyMap<string, ReadonlySet<string>>;
  private readonly beside: ReadonlyMap<string, ReadonlySet<string>>;
  private readonly drifts: boolean;

  constructor({ faces, windMetresPerSecond }: Pick<JudgedPlace, 'faces' | 'windMetresPerSecond'>) {
    this.faces = new Map(faces.map((face) => [face.id, face]));
    this.flows = flowsOf(faces, false);
    this.mayFlow = flowsOf(faces, true);
    this.beside = besideOf(faces);
    this.drifts = windMetresPerSecond > TRADE_DEFAULTS.driftReachMetresPerSecond;
  }

  face(id: string): JudgedFace | undefined {
    return this.faces.get(id);
  }

  name(id: string): string {
    return this.faces.get(id)?.name ?? id;
  }

  /** Whether water from the one runs onto the other. */
  runsOnto(upper: string, lower: string): boolean {
    return upper !== lower && (this.flows.get(upper)?.has(lower) ?? false);
  }

  isOverhead(upper: string, lower: string): boolean {
    const [a, b] = [this.faces.get(upper), this.faces.get(lower)];
    if (!a || !b || !this.runsOnto(upper, lower)) return false;
    return a.topMetres - b.topMetres > TRADE_DEFAULTS.overheadMetres;
  }

  /** Whether what is done on the one comes to the other by wetting it. */
  wets(from: string, onto: string, act: Act, sprayed: boolean): boolean {
    return (
      this.runsOnto(from, onto) ||
      (this.beside.get(from)?.has(onto) ?? false) ||
      (act === 'wash' && this.splashes(from, onto)) ||
      (sprayed && this.driftsOnto(from, onto))
    );
  }

  /** Whether what is put on the one can come together with what is put on the other, anywhere. */
  meet(one: string, other: string, doneOnOne: FaceActs, doneOnOther: FaceActs): boolean {
    if (one === other || this.beside.get(one)?.has(other)) return true;
    if (doneOnOne.washed && this.splashes(one, other)) return true;
    if (doneOnOther.washed && this.splashes(other, one)) return true;
    if ((doneOnOne.sprayed || doneOnOther.sprayed) && this.driftsOnto(one, other)) return true;
    const [a, b] = [this.mayFlow.get(one) ?? NOWHERE, this.mayFlow.get(other) ?? NOWHERE];
    if (a.has(other) || b.has(one)) return true;
    for (const place of a) if (b.has(place)) return true;
    return false;
  }

  private splashes(floor: string, wall: string): boolean {
    const [low, high] = [this.faces.get(floor), this.faces.get(wall)];
    if (!low || !high || low === high || low.tiltDegrees >= TRADE_DEFAULTS.levelDegrees) return false;
    const stands = high.footMetres - low.topMetres <= TRADE_DEFAULTS.splashMetres;
    const near = (high.side !== null && high.side === low.side) || this.runsOnto(wall, floor);
    return high.tiltDegrees >= WALL_DEGREES && stands && near;
  }

  private driftsOnto(one: string, other: string): boolean {
    const side = this.faces.get(one)?.side ?? null;
    return this.drifts && one !== other && side !== null && side === this.faces.get(other)?.side;
  }
}

/** What of the acts on a face reaches beyond it. */
export interface FaceActs {
  readonly washed: boolean;
  readonly sprayed: boolean;
}

export function actsOn(entries: readonly LogEntry[]): FaceActs {
  return {
    washed: entries.some((entry) => entry.act === 'wash'),
    sprayed: entries.some((entry) => entry.vessel !== null),
  };
}

/** Everything that water from each face comes to: what it names; else what stands lower on its side, never against the run-off. */
function flowsOf(faces: readonly JudgedFace[], loops: boolean): ReadonlyMap<string, ReadonlySet<string>> {
  const next = new Map<string, Set<string>>(faces.map((face) => [face.id, new Set(face.drainsOnto)]));
  const named = new Map(faces.map((face) => [face.id as string, new Set<string>(face.drainsOnto)]));
  const everything = (from: string, ways: ReadonlyMap<string, ReadonlySet<string>> = next) => {
    const seen = new Set<string>();
    const walk = (place: string) => {
      for (const onto of ways.get(place) ?? [])
        if (!seen.has(onto)) {
          seen.add(onto);
          walk(onto);
        }
    };
    walk(from);
    return seen;
  };
  const silent = faces.filter((face) => face.drainsOnto.length === 0 && face.side !== null);
  for (const high of silent)
    for (const low of faces) {
      const lower = low.side === high.side && BANDS.indexOf(low.band) > BANDS.indexOf(high.band);
      if (lower && !everything(low.id, loops ? named : next).has(high.id)) next.get(high.id)?.add(low.id);
    }
  return new Map(faces.map((face) => [face.id, everything(face.id)]));
}

function besideOf(faces: readonly JudgedFace[]): ReadonlyMap<string, ReadonlySet<string>> {
  const beside = new Map<string, Set<string>>(faces.map((face) => [face.id, new Set<string>()]));
  for (const face of faces)
    for (const other of face.zoneOf === null ? face.beside : [...face.beside, face.zoneOf]) {
      beside.get(face.id)?.add(other);
      beside.get(other)?.add(face.id);
    }
  return beside;
}
