import { Gate } from './gate';
import { Sluice } from './sluice';
import { Signal } from './signal';

export interface Control {
  ready(part: Part): void;
  fault(part: Part, reason: string): void;
}

export abstract class Part {
  constructor(protected readonly control: Control, readonly label: string) {}
}

export class LockControl implements Control {
  private gate?: Gate;
  private sluice?: Sluice;
  private signal?: Signal;

  fit(gate: Gate, sluice: Sluice, signal: Signal): void {
    this.gate = gate;
    this.sluice = sluice;
    this.signal = signal;
  }

  ready(part: Part): void {
    if (part === this.sluice) {
      this.gate?.swing();
    } else if (part === this.gate) {
      this.signal?.green();
    }
  }

  fault(part: Part, reason: string): void {
    this.signal?.red(`${part.label}: ${reason}`);
    this.sluice?.shut();
  }
}
