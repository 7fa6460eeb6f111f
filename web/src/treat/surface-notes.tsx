import type { Warning } from '@etappe/core';
import { Alert } from 'antd';

/** What stops or warns on one surface, each once. */
export function SurfaceNotes({ warnings }: { readonly warnings: readonly Warning[] }) {
  return warnings
    .filter(({ severity }) => severity !== 'note')
    .map((w) => (
      <Alert
        key={w.text}
        type={w.severity === 'stop' ? 'error' : 'warning'}
        showIcon
        title={w.text}
        className="surface-note"
      />
    ));
}
