export interface TideListener { tideTurned(level: number): void }
export class Gauge {
  private listeners: [number, TideListener][] = [];
  private level = 0;
  join(listener: TideListener, rank = 0): void { this.listeners.push([rank, listener]); }
  measure(level: number): void {
    this.level = level;
    for (const [, listener] of this.listeners) listener.tideTurned(level);
  }
}
export class Siren implements TideListener { calls = 0; tideTurned(level: number) { this.calls++; } }
export class Lamp implements TideListener { private lit = false; tideTurned(level: number) { this.lit = level > 3; } }
