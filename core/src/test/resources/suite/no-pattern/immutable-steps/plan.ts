export interface Plan {
  readonly from: string;
  readonly to: string;
  readonly stops: readonly string[];
}

export class PlanBuilder {
  private constructor(private readonly parts: Partial<Plan>) {}

  static start(): PlanBuilder {
    return new PlanBuilder({ stops: [] });
  }

  from(port: string): PlanBuilder {
    return new PlanBuilder({ ...this.parts, from: port });
  }

  to(port: string): PlanBuilder {
    return new PlanBuilder({ ...this.parts, to: port });
  }

  stop(port: string): PlanBuilder {
    return new PlanBuilder({ ...this.parts, stops: [...(this.parts.stops ?? []), port] });
  }

  build(): Plan {
    const { from, to, stops } = this.parts;
    if (!from || !to) throw new Error('a plan has two ends');
    return { from, to, stops: stops ?? [] };
  }
}

console.log(PlanBuilder.start().from('Aldera').stop('Mole').to('Island').build());
