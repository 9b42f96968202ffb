class Cell { constructor(n) { this.n = n; } draw() { return this.n; } }
class Plan {
  rows = [];
  add(left, right) { this.rows.push([left, right]); }
  draw() { let text = ''; for (const row of this.rows) { for (const cell of row) text += cell.draw(); } return text; }
}
const plan = new Plan();
plan.add(new Cell(1), new Cell(2));
console.log(plan.draw());
