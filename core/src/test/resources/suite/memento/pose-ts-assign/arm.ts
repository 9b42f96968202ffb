export interface Pose { readonly reach: number; readonly height: number }
export class Arm {
  private reach = 0;
  private height = 0;
  lift(by: number): void { this.height += by; }
  stretch(by: number): void { this.reach += by; }
  save(): Pose { return { reach: this.reach, height: this.height }; }
  restore(pose: Pose): void { Object.assign(this, pose); }
}
export class Logbook {
  private poses: Pose[] = [];
  constructor(private arm: Arm) {}
  note(): void { this.poses.push(this.arm.save()); }
  back(): void { const pose = this.poses.pop(); if (pose) this.arm.restore(pose); }
}
