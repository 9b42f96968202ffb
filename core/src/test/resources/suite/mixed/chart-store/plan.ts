export class PlanVersion {
  constructor(readonly legs: readonly string[], readonly speed: number) {}
}

export class Plan {
  private legs: string[] = [];
  private speed = 8;

  add(leg: string): void {
    this.legs.push(leg);
  }
  hurry(): void {
    this.speed += 2;
  }
  version(): PlanVersion {
    return new PlanVersion([...this.legs], this.speed);
  }
  backTo(version: PlanVersion): void {
    this.legs = [...version.legs];
    this.speed = version.speed;
  }
}

export class Navigator {
  private versions: PlanVersion[] = [];
  constructor(private readonly plan: Plan) {}
  tryLeg(leg: string): void {
    this.versions.push(this.plan.version());
    this.plan.add(leg);
  }
  regret(): void {
    const last = this.versions.pop();
    if (last) this.plan.backTo(last);
  }
}
