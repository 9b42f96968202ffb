export interface Phase { press(barrier: Barrier): void; }
const raised: Phase = { press(barrier) { barrier.phase = lowered; } };
const lowered: Phase = { press(barrier) { barrier.phase = raised; } };
export class Barrier { phase: Phase = lowered; press(): void { this.phase.press(this); } }
