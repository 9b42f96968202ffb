class Press {
  constructor(options = {}) {
    this.fold = options.fold || false;
    this.staple = options.staple || false;
    this.trim = options.trim || false;
  }

  finish(sheet) {
    let work = `print ${sheet}`;
    if (this.fold) {
      work += ', fold';
    }
    if (this.staple) {
      work += ', staple';
    }
    if (this.trim) {
      work += ', trim';
    }
    return work;
  }
}

module.exports = { Press };
