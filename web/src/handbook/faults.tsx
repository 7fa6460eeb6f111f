import { Alert } from 'antd';

/** What is wrong with an entry that somebody wants to save; nothing of it was saved. */
export function Faults({ faults }: { readonly faults: readonly string[] }) {
  return faults.map((fault) => (
    <Alert key={fault} type="error" showIcon title={fault} style={{ margin: '8px 0' }} />
  ));
}
