import '@testing-library/jest-dom';
import { configure } from '@testing-library/dom';

/** What never comes fails after this long: ten times what a busy machine was seen to need. */
configure({ asyncUtilTimeout: 60_000 });

/** What browsers have and jsdom lacks: as far as pages touch it, and no further. */
Object.assign(globalThis, {
  matchMedia: () => ({ matches: false, addEventListener: () => {}, removeEventListener: () => {} }),
  ResizeObserver: class {
    observe() {}
    unobserve() {}
    disconnect() {}
  },
});
globalThis.CSS ??= { escape: (text: string) => text.replace(/["\\]/g, '\\$&') } as typeof CSS;
HTMLElement.prototype.scrollIntoView = () => {};
/** Nothing is drawn: what pages say stands in words beside each drawing. */
HTMLCanvasElement.prototype.getContext = () => null;
Object.assign(document, { fonts: { ready: Promise.resolve() } });
