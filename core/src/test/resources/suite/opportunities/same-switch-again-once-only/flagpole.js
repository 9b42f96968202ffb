class Flagpole {
  constructor() {
    this.kind = "plain";
  }

  choose(kind) {
    this.kind = kind;
  }

  cloth() {
    switch (this.kind) {
      case "plain":
        return "white";
      case "pilot":
        return "white over red";
      default:
        return "blue";
    }
  }

  raise() {
    return "up goes " + this.cloth();
  }
}

const pole = new Flagpole();
pole.choose("pilot");
console.log(pole.raise());
