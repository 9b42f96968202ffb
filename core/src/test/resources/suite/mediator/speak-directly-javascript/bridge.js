export class Wheelhouse {
  constructor() {
    this.helm = new Helm(this);
    this.engine = new Engine(this);
    this.horn = new Horn(this);
  }
  report(who, what) {
    if (who === this.helm && what === 'hard') {
      this.engine.slow();
      this.horn.blow(1);
    } else if (who === this.engine && what === 'hot') {
      this.helm.straight();
    }
  }
}

export class Helm {
  constructor(house) {
    this.house = house;
    this.angle = 0;
  }
  turn(degrees) {
    this.angle += degrees;
    if (Math.abs(this.angle) > 30) this.house.report(this, 'hard');
  }
  straight() {
    this.angle = 0;
  }
}

export class Engine {
  constructor(house) {
    this.house = house;
    this.turns = 0;
  }
  run(turns) {
    this.turns = turns;
    if (turns > 900) {
      this.house.report(this, 'hot');
      this.house.horn.blow(3);
    }
  }
  slow() {
    this.turns /= 2;
  }
}

export class Horn {
  constructor(house) {
    this.house = house;
  }
  blow(times) {
    if (times > 5) this.house.report(this, 'loud');
    for (let i = 0; i < times; i++) console.log('hoot');
  }
}
