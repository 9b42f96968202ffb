class Survey {
  constructor(field) {
    if (new.target === Survey) {
      throw new TypeError('Survey is abstract');
    }
    this.field = field;
  }

  run() {
    this.prepare();
    const rows = this.measure();
    return rows.map((row) => this.note(row));
  }

  prepare() {}

  measure() {
    throw new Error(`${this.constructor.name} measures nothing`);
  }

  note(row) {
    return `${this.field}: ${row}`;
  }
}

class SoilSurvey extends Survey {
  prepare() {
    this.depth = 30;
  }

  measure() {
    return [this.depth, this.depth * 2];
  }
}

class BirdSurvey extends Survey {
  measure() {
    return [12, 4, 9];
  }

  note(row) {
    return `${row} birds`;
  }
}

module.exports = { SoilSurvey, BirdSurvey };
