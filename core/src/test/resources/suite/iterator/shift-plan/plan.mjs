export class ShiftPlan {
  #shifts = [];
  add(name, from, to) { this.#shifts.push({ name, from, to }); return this; }
  [Symbol.iterator]() {
    const shifts = [...this.#shifts].sort((a, b) => a.from - b.from);
    let at = 0;
    return {
      next: () => at < shifts.length ? { value: shifts[at++], done: false } : { value: undefined, done: true },
      [Symbol.iterator]() { return this; },
    };
  }
}
export function names(plan) {
  const all = [];
  for (const shift of plan) all.push(shift.name);
  return all;
}
const plan = new ShiftPlan().add("late", 14, 22).add("early", 6, 14);
console.log(names(plan));
