class Brush {
  constructor(width, colour) {
    this.width = width;
    this.colour = colour;
    this.bristles = [];
  }

  wear(bristle) {
    this.bristles.push(bristle);
  }

  clone() {
    const copy = Object.create(Object.getPrototypeOf(this));
    Object.assign(copy, this);
    copy.bristles = [...this.bristles];
    return copy;
  }
}

class FlatBrush extends Brush {
  constructor(width, colour, angle) {
    super(width, colour);
    this.angle = angle;
  }
}

module.exports = { Brush, FlatBrush };
