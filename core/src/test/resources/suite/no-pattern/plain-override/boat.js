class Boat {
  constructor(name) {
    this.name = name;
  }

  describe() {
    return `boat ${this.name}`;
  }

  leave() {
    return `${this.describe()} leaves`;
  }
}

class Ferry extends Boat {
  constructor(name, seats) {
    super(name);
    this.seats = seats;
  }

  leave() {
    return `${super.leave()} with ${this.seats} seats`;
  }
}

console.log(new Ferry('Rosa', 80).leave(), new Boat('Tender').leave());
