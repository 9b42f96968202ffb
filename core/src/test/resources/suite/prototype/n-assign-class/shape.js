class Shape {
  constructor(colour) {
    this.colour = colour;
    this.points = [];
  }

  duplicate() {
    return Object.assign(Object.create(Object.getPrototypeOf(this)), this);
  }
}

class Circle extends Shape {
  constructor(colour, radius) {
    super(colour);
    this.radius = radius;
  }
}

class Stamp {
  constructor(shape) {
    this.shape = shape;
  }

  press() {
    return this.shape.duplicate();
  }
}

new Stamp(new Circle('red', 4)).press();
