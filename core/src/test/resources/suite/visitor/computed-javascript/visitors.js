class Weigher {
  visitCrate(crate) {
    return crate.kilos;
  }

  visitDrum(drum) {
    return drum.litres * 0.9;
  }
}

class Labels {
  visitCrate(crate) {
    return `crate of ${crate.kilos}`;
  }

  visitDrum(drum) {
    return `drum of ${drum.litres}`;
  }
}

module.exports = { Weigher, Labels };
