import { openChart } from './map.js';

class ScaleBar {
  constructor(chart) { this.metres = 100; chart.on('zoom', (z) => { this.metres = 100 / z; }); }
}
class ZoomLog {
  constructor(chart) { this.zooms = []; this.stop = chart.on('zoom', (z) => this.zooms.push(z)); }
}

const chart = openChart({ soundings: [], buoys: [] });
new ScaleBar(chart);
new ZoomLog(chart);
chart.zoom(2);
