import { TextDecoder, TextEncoder } from 'node:util';

// Every browser has them, jsdom does not.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
