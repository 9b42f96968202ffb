const { LazyChartServer } = require('./charts');

class ChartTable {
  constructor(server) {
    this.server = server;
  }
  show(name) {
    const path = this.server.chart(name);
    return path ? `showing ${path}` : 'nothing to show';
  }
}

function openTable() {
  return new ChartTable(new LazyChartServer('/var/charts'));
}

module.exports = { ChartTable, openTable };
