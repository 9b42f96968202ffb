class Moment {
  #state;
  constructor(state) { this.#state = structuredClone(state); }
  get state() { return structuredClone(this.#state); }
}
class Plan {
  constructor() { this.berth = ""; this.stops = []; }
  move(to) { this.berth = to; this.stops.push(to); }
  save() { return new Moment({ ...this }); }
  restore(moment) { Object.assign(this, moment.state); }
}
class Log {
  constructor(plan) { this.plan = plan; this.past = []; }
  note() { this.past.push(this.plan.save()); }
  undo() { if (this.past.length) this.plan.restore(this.past.pop()); }
}
module.exports = { Plan, Log };
