import type { RefusedMethod } from '@etappe/core';
import { ReasonDialog } from '../reason-dialog.tsx';

interface Props {
  readonly refused: RefusedMethod;
  readonly accept: (reason: string, by: string) => void;
  readonly close: () => void;
}

/** Using a method that a rule forbids. */
export function OverrideDialog({ refused, accept, close }: Props) {
  return (
    <ReasonDialog
      title={`Use “${refused.method.name}” anyway?`}
      ok="Override the rule"
      cancel="Keep it refused"
      accept={accept}
      close={close}
    >
      {refused.refusals.map((r) => (
        <p key={r.rule}>
          {r.text} <strong>What can happen:</strong> {r.whatCanHappen}
        </p>
      ))}
    </ReasonDialog>
  );
}
