const { Lion, Parrot } = require('./animals');
const { FeedingPlan, Inventory } = require('./visitors');

class Zoo {
  constructor() {
    this.animals = [new Lion(180), new Parrot(40)];
  }

  report(visitor) {
    return this.animals.map((animal) => animal.accept(visitor));
  }
}

const zoo = new Zoo();
console.log(zoo.report(new FeedingPlan()), zoo.report(new Inventory()));
