import 'fake-indexeddb/auto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

// Every browser has them, jsdom does not.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
// What the device keeps is copied as the browser copies it.
globalThis.structuredClone ??= (value) => deserialize(serialize(value));

/** Enough of a channel for Ant Design, which posts to itself; Node's own would keep the test run from ending. */
globalThis.MessageChannel ??= class {
  port1 = { onmessage: null, close: () => undefined };
  port2 = { postMessage: () => setTimeout(() => this.port1.onmessage?.()), close: () => undefined };
};
