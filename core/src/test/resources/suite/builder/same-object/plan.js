class Plan { constructor() { this.legs = []; this.crew = 0; } }
class PlanBuilder {
  constructor() { this.plan = new Plan(); }
  leg(name) { this.plan.legs.push(name); return this; }
  crew(n) { this.plan.crew = n; return this; }
  build() { return this.plan; }
}
class Office {
  draft() { return new PlanBuilder().leg('A').leg('B').crew(3).build(); }
}
module.exports = { Plan, PlanBuilder, Office };
