import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { onNewVersion, takeNewVersion } from './service-worker.ts';
import { say } from './messages/app.ts';

/** Says that a newer version is ready; nothing is loaded until a person says so. */
export function NewVersionBar() {
  const [ready, setReady] = useState(false);
  useEffect(
    () =>
      onNewVersion(() => {
        setReady(true);
      }),
    [],
  );
  if (!ready) return null;
  return (
    <div className="new-version" role="status">
      {say('a-new-version-is-ready')}
      <Button size="small" onClick={takeNewVersion}>
        {say('reload')}
      </Button>
    </div>
  );
}
