import { Load, StowPlan } from "./stow";

export class Hold {
  private loads: Load[] = [];

  constructor(private plan: StowPlan) {}

  use(plan: StowPlan): void {
    this.plan = plan;
  }

  take(load: Load): void {
    this.loads = this.plan.order([...this.loads, load]);
  }
}
