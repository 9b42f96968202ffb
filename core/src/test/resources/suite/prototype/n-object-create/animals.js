const animal = {
  legs: 4,
  sound: '',
  clone() {
    return Object.assign(Object.create(Object.getPrototypeOf(this)), this);
  },
  speak() {
    return this.sound;
  },
};

const dog = animal.clone();
dog.sound = 'woof';
const bird = animal.clone();
bird.legs = 2;

class Farm {
  constructor() {
    this.models = { dog, bird };
    this.yard = [];
  }

  breed(kind) {
    const young = this.models[kind].clone();
    this.yard.push(young);
    return young;
  }
}

module.exports = { Farm, animal };
