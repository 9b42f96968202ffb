export class Mark { constructor(x) { this.x = x; } }
export class Cone extends Mark { height() { return 3; } }
export class Sphere extends Mark { radius() { return 1; } }
export class Chart {
  constructor() { this.marks = []; }
  add(mark) { this.marks.push(mark); }
  draw(mark) {
    if (mark instanceof Cone) return `/\\ ${mark.height()}`;
    if (mark instanceof Sphere) return `o ${mark.radius()}`;
    return '?';
  }
  size(mark) { return mark instanceof Cone ? mark.height() : mark instanceof Sphere ? mark.radius() * 2 : 0; }
}
const chart = new Chart();
chart.add(new Cone(1)); chart.add(new Sphere(2));
console.log(chart.marks.map((m) => chart.draw(m)));
