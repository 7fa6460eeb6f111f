import type { Language } from '@etappe/core/speak';
import { speakAs } from './speak-as.ts';

/** On a worker, whose name is the language of the page that started it: settles it, then loads what it does; what is asked meanwhile is asked again then. */
export async function speakFirst(load: () => Promise<unknown>): Promise<void> {
  const early: MessageEvent[] = [];
  const keep = (event: MessageEvent) => {
    early.push(event);
  };
  addEventListener('message', keep);
  await speakAs(self.name as Language);
  await load();
  removeEventListener('message', keep);
  for (const { data, ports } of early)
    dispatchEvent(new MessageEvent('message', { data: data as unknown, ports: [...ports] }));
}
