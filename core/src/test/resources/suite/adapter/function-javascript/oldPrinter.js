class TickerTape {
  constructor() {
    this.strip = '';
  }

  punch(letters, speed) {
    this.strip += letters.slice(0, speed);
  }

  tear() {
    const strip = this.strip;
    this.strip = '';
    return strip;
  }
}

module.exports = { TickerTape };
