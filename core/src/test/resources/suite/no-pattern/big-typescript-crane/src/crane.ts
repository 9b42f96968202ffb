export type Position = Readonly<{ x: number; y: number }>;
export interface Motor { move(to: Position): Promise<void>; readonly busy: boolean }
export class RealMotor implements Motor {
  private at: Position = { x: 0, y: 0 };
  busy = false;
  async move(to: Position): Promise<void> { this.busy = true; this.at = to; this.busy = false; }
}
export class SimulatedMotor implements Motor {
  readonly trace: Position[] = [];
  readonly busy = false;
  async move(to: Position): Promise<void> { this.trace.push(to); }
}
export class SafeMotor implements Motor {
  constructor(private readonly inner: Motor, private readonly limit: number) {}
  get busy(): boolean { return this.inner.busy; }
  async move(to: Position): Promise<void> {
    if (Math.abs(to.x) > this.limit || Math.abs(to.y) > this.limit) throw new RangeError('beyond the rails');
    await this.inner.move(to);
  }
}
export class Crane {
  private readonly queue: Position[] = [];
  constructor(private readonly motor: Motor) {}
  go(x: number, y: number): this { this.queue.push({ x, y }); return this; }
  async run(): Promise<number> {
    let moves = 0;
    for (let next = this.queue.shift(); next; next = this.queue.shift()) { await this.motor.move(next); moves++; }
    return moves;
  }
}
