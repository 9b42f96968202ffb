export class Loaf {
  bake() {
    const dough = this.mix();
    this.rest(dough);
    if (this.isShaped()) {
      this.shape(dough);
    }
    return this.heat(dough);
  }

  mix() {
    throw new Error('mix() is left to the loaf');
  }

  rest(dough) {
    dough.hours = 2;
  }

  isShaped() {
    return true;
  }

  shape(dough) {
    throw new Error('shape() is left to the loaf');
  }

  heat(dough) {
    return { ...dough, done: true };
  }
}

export class Rye extends Loaf {
  mix() {
    return { flour: 'rye' };
  }

  shape(dough) {
    dough.form = 'round';
  }
}

export class Focaccia extends Loaf {
  mix() {
    return { flour: 'wheat', oil: true };
  }

  isShaped() {
    return false;
  }
}
