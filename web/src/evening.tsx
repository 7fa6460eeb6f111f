import { ConfigProvider } from 'antd';
import { createContext, use, useEffect, useState } from 'react';
import type { ReactNode } from 'react';
import { componentWords } from './language/component-words.ts';
import { themeFor } from './theme.ts';
import { IN_HAND, useMedia } from './use-media.ts';

const STORAGE_KEY = 'etappe.evening';

interface Evening {
  readonly evening: boolean;
  readonly setEvening: (evening: boolean) => void;
}
const EveningContext = createContext<Evening>({ evening: false, setEvening: () => undefined });

export function useEvening(): Evening {
  return use(EveningContext);
}

function remembered(): boolean {
  const kept = localStorage.getItem(STORAGE_KEY);
  return kept === null ? window.matchMedia('(prefers-color-scheme: dark)').matches : kept === 'true';
}

/** Light by day, dark for evening work; remembered on the device. */
export function EveningProvider({ children }: { readonly children: ReactNode }) {
  const [evening, setEvening] = useState(remembered);
  const still = useMedia('(prefers-reduced-motion: reduce)');
  const inHand = useMedia(IN_HAND);
  useEffect(() => {
    document.documentElement.dataset['evening'] = String(evening);
    localStorage.setItem(STORAGE_KEY, String(evening));
  }, [evening]);
  return (
    <EveningContext value={{ evening, setEvening }}>
      <ConfigProvider
        theme={themeFor({ evening, still, inHand })}
        button={{ autoInsertSpace: false }}
        {...(componentWords && { locale: componentWords })}
      >
        {children}
      </ConfigProvider>
    </EveningContext>
  );
}
