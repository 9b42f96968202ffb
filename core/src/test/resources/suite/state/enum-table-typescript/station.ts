import { Gate } from './gate';

export function rush(gate: Gate): void {
  gate.coin();
  gate.push();
}
