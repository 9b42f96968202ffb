import { harbourLog } from './log';

export class Gate {
  open(ship: string): void {
    harbourLog().write(`${ship} in`);
  }
}

export function report(): string {
  return `${harbourLog().size} lines`;
}
