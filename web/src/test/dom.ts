import '@testing-library/jest-dom/jest-globals';
import { configure } from '@testing-library/react';

// What is awaited comes as soon as the machine can; a second, as the library has it, is a guess at how fast that is.
configure({ asyncUtilTimeout: 10_000 });

// What Ant Design asks of a browser and jsdom lacks; tests of pure layouts run without a window.
if (typeof window !== 'undefined') {
  const getComputedStyle = window.getComputedStyle.bind(window);
  window.getComputedStyle = (element) => getComputedStyle(element);
  window.matchMedia = (query) =>
    ({
      matches: false,
      media: query,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
  window.ResizeObserver = class {
    observe() {
      return undefined;
    }
    unobserve() {
      return undefined;
    }
    disconnect() {
      return undefined;
    }
  };
}

// jsdom knows no margin boxes of printed sheets and says so of each; Chromium's tests look at them.
const tell = console.error.bind(console);
console.error = (...what: unknown[]) => {
  if (!String(what[0]).includes('Could not parse CSS stylesheet')) tell(...what);
};
