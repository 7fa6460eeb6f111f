import { NO_SET_UP } from '../sequence/problem.ts';
import type { Operation, SetUp } from '../sequence/problem.ts';
import type { Stage } from '../treatment/stage.ts';
import { machinesOf } from './stage-machines.ts';

/** What stages that one person does one after the other need of machines, place, tools and mixes. */
export function workedWith(
  stages: readonly Stage[],
  zone: string,
): Pick<Operation, 'machines' | 'zone' | 'begins' | 'ends'> {
  const mixes = stages.flatMap(({ apply }) => (apply ? [mixOf(apply)] : []));
  const tools = stages.flatMap(({ tool }) => tool ?? []);
  const at = (i: number): SetUp => ({
    ...NO_SET_UP,
    place: zone,
    tool: tools.at(i) ?? null,
    mix: mixes.at(i) ?? null,
  });
  return { machines: machinesOf(stages), zone, begins: at(0), ends: at(-1) };
}

const mixOf = ({ agent, strengthGramsPerLitre }: NonNullable<Stage['apply']>) =>
  `${agent} ${strengthGramsPerLitre}`;
