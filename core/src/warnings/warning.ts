/** A plan with a "stop" cannot be issued as an order. */
export interface Warning {
  readonly rule: string;
  readonly severity: 'note' | 'warn' | 'stop';
  readonly text: string;
  readonly surface: string | null;
}
