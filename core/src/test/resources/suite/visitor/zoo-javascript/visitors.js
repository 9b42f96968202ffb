class FeedingPlan {
  visitLion(lion) {
    return `${lion.kilos / 20} kg meat`;
  }

  visitParrot(parrot) {
    return `${parrot.words} nuts`;
  }
}

class Inventory {
  constructor() {
    this.count = 0;
  }

  visitLion(lion) {
    this.count += 1;
    return `lion ${lion.kilos}`;
  }

  visitParrot(parrot) {
    this.count += 1;
    return `parrot ${parrot.words}`;
  }
}

module.exports = { FeedingPlan, Inventory };
