import { Arm } from './arm';

export interface Move {
  run(): void;
  back(): void;
}

export class Lift implements Move {
  constructor(private readonly arm: Arm, private readonly by: number) {}
  run(): void {
    this.arm.raise(this.by);
  }
  back(): void {
    this.arm.raise(-this.by);
  }
}

export class Grab implements Move {
  constructor(private readonly arm: Arm) {}
  run(): void {
    this.arm.close();
  }
  back(): void {}
}
