class ChartServer {
  constructor(folder) {
    this.folder = folder;
    this.index = ChartServer.loadAll(folder);
  }
  static loadAll(folder) {
    return [`${folder}/north.chart`, `${folder}/south.chart`];
  }
  chart(name) {
    return this.index.find((path) => path.endsWith(`${name}.chart`));
  }
  list() {
    return this.index.slice();
  }
}

class LazyChartServer {
  #real = null;
  #folder;
  constructor(folder) {
    this.#folder = folder;
  }
  #server() {
    if (this.#real === null) {
      this.#real = new ChartServer(this.#folder);
    }
    return this.#real;
  }
  chart(name) {
    return this.#server().chart(name);
  }
  list() {
    return this.#server().list();
  }
}

module.exports = { ChartServer, LazyChartServer };
