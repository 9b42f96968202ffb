import { Flare, Lamp, Whistle } from './signals.js';

const kinds = new Map([
  ['flare', Flare],
  ['whistle', Whistle],
  ['lamp', Lamp],
]);

export function signal(kind) {
  const Type = kinds.get(kind);
  return Type ? new Type() : null;
}
