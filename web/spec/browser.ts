import { TextDecoder, TextEncoder } from 'node:util';

// What every browser has and jsdom lacks.
Object.assign(globalThis, { TextEncoder, TextDecoder });
globalThis.structuredClone ??= <T>(value: T) => JSON.parse(JSON.stringify(value)) as T;
globalThis.ResizeObserver = class {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
};
