import type { RefusedMethod } from '@etappe/core';
import { ReasonDialog } from '../reason-dialog.tsx';
import { say } from '../messages/treat.ts';

interface Props {
  readonly refused: RefusedMethod;
  readonly accept: (reason: string, by: string) => void;
  readonly close: () => void;
}

/** Using a method that a rule forbids. */
export function OverrideDialog({ refused, accept, close }: Props) {
  return (
    <ReasonDialog
      title={say('use-anyway', { name: refused.method.name })}
      ok={say('override-the-rule')}
      cancel={say('keep-it-refused')}
      accept={accept}
      close={close}
    >
      {refused.refusals.map((r) => (
        <p key={r.rule}>
          {r.text} <strong>{say('what-can-happen')}</strong> {r.whatCanHappen}
        </p>
      ))}
    </ReasonDialog>
  );
}
