import { TextDecoder, TextEncoder } from 'node:util';

// The screens are tried as a British keeper has them.
if (typeof navigator !== 'undefined')
  Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });

// What every browser has and jsdom lacks.
Object.assign(globalThis, { TextEncoder, TextDecoder });
globalThis.structuredClone ??= <T>(value: T) => JSON.parse(JSON.stringify(value)) as T;
globalThis.ResizeObserver = class {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
};
