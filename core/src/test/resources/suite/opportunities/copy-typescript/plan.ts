export class BerthPlan {
  ship = '';
  hours = 0;
  notes: string[] = [];
  private cranes = 0;
  constructor(readonly quay: string) {}
  need(n: number): void { this.cranes = n; }
  busy(): boolean { return this.cranes > 0 && this.hours > 4; }
}
export class Planner {
  tomorrow(today: BerthPlan): BerthPlan {
    const plan = new BerthPlan(today.quay);
    plan.ship = today.ship;
    plan.hours = today.hours;
    return plan;
  }
}
