class Lion {
  constructor(kilos) {
    this.kilos = kilos;
  }

  accept(visitor) {
    return visitor.visitLion(this);
  }
}

class Parrot {
  constructor(words) {
    this.words = words;
  }

  accept(visitor) {
    return visitor.visitParrot(this);
  }
}

module.exports = { Lion, Parrot };
