class Chart {
  static #chart = null;
  constructor() { this.marks = []; }
  static chart() {
    if (Chart.#chart === null) {
      Chart.#chart = new Chart();
    }
    return Chart.#chart;
  }
  mark(m) { this.marks.push(m); }
}
class Navigator {
  plot(m) { Chart.chart().mark(m); }
  scratch(m) { const other = new Chart(); other.mark(m); return other; }
}
