export class Chart {
  constructor(sheet) {
    this.sheet = sheet;
    this.depths = Array.from({ length: 100 }, (_, i) => (i * 7) % 31);
  }
  depthAt(x) { return this.depths[x]; }
  title() { return `sheet ${this.sheet}`; }
}

export class LateChart {
  #chart = null;
  constructor(sheet) { this.sheet = sheet; }
  #load() {
    this.#chart ??= new Chart(this.sheet);
    return this.#chart;
  }
  depthAt(x) { return this.#load().depthAt(x); }
  title() { return this.#load().title(); }
}

export function openAll(sheets) {
  return sheets.map((sheet) => new LateChart(sheet));
}
