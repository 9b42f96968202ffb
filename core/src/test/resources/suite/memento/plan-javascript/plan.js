class Snapshot {
  #berths;
  #title;
  constructor(berths, title) {
    this.#berths = [...berths];
    this.#title = title;
    Object.freeze(this);
  }
  get berths() { return [...this.#berths]; }
  get title() { return this.#title; }
}

export class BerthPlan {
  constructor(title) { this.title = title; this.berths = []; }
  put(ship) { this.berths.push(ship); }
  rename(title) { this.title = title; }
  remember() { return new Snapshot(this.berths, this.title); }
  goBack(snapshot) {
    this.berths = snapshot.berths;
    this.title = snapshot.title;
  }
}

export class Desk {
  constructor(plan) { this.plan = plan; this.history = []; }
  try(ship) { this.history.push(this.plan.remember()); this.plan.put(ship); }
  undo() { if (this.history.length) this.plan.goBack(this.history.pop()); }
}
