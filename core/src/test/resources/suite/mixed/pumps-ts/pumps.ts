export interface Pump {
  start(): void;
  litres(minutes: number): number;
}

export class BilgePump implements Pump {
  private running = false;
  start(): void {
    this.running = true;
  }
  litres(minutes: number): number {
    return this.running ? minutes * 30 : 0;
  }
}

export class GuardedPump implements Pump {
  private pump?: BilgePump;
  constructor(private readonly keys: Set<string>, private readonly who: string) {}
  private real(): BilgePump {
    return (this.pump ??= new BilgePump());
  }
  start(): void {
    if (!this.keys.has(this.who)) {
      throw new Error(`${this.who} has no key`);
    }
    this.real().start();
  }
  litres(minutes: number): number {
    return this.real().litres(minutes);
  }
}

export function pumpFor(who: string): Pump {
  return new GuardedPump(new Set(['mate']), who);
}
