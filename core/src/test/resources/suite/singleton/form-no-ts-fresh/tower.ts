import { newClock } from "./clock";
export class Tower {
  private clock = newClock();
  wait(more: number): number { this.clock.pass(more); return this.clock.now(); }
}
