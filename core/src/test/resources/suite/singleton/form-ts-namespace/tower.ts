import { Clocks } from "./clock";
export class Tower {
  wait(more: number): number { Clocks.harbour().pass(more); return Clocks.harbour().now(); }
}
