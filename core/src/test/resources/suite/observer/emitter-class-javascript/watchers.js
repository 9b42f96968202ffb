class Display {
  constructor(kiln) {
    this.text = '';
    kiln.on('hotter', (degrees) => this.show(degrees));
  }

  show(degrees) {
    this.text = `${degrees} C`;
  }
}

class Cutout {
  constructor(kiln) {
    this.tripped = false;
    this.check = this.check.bind(this);
    kiln.on('hotter', this.check);
    this.kiln = kiln;
  }

  check(degrees) {
    if (degrees > 1300) {
      this.tripped = true;
    }
  }

  leave() {
    this.kiln.off('hotter', this.check);
  }
}

module.exports = { Display, Cutout };
