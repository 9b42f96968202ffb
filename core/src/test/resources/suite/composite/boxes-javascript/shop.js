const { Item, Box } = require('./boxes');

class Till {
  ring(thing) {
    return thing.total() * 1.21;
  }
}

const parcel = new Box().put(new Item(20)).put(new Box().put(new Item(5)));
console.log(new Till().ring(parcel));
