interface HatchProps {
  readonly id: string;
  /** Of its lines from upright, clockwise. */
  readonly degrees: number;
  /** From line to line, px. */
  readonly step: number;
  readonly stroke: string;
  readonly width: number;
}

/** Slanted lines to fill something with, among the `defs` of a drawing. */
export function Hatch({ id, degrees, step, stroke, width }: HatchProps) {
  return (
    <pattern
      id={id}
      width={step}
      height={step}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${degrees})`}
    >
      <line x1={0} x2={0} y1={0} y2={step} stroke={stroke} strokeWidth={width} />
    </pattern>
  );
}
