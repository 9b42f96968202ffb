const { StormKit, SummerKit } = require('./sets');

class Stage {
  constructor(kit) {
    this.kit = kit;
  }

  open() {
    return `${this.kit.sky().colour()} ${this.kit.sound().play()}`;
  }
}

console.log(new Stage(new StormKit()).open(), new Stage(new SummerKit()).open());
