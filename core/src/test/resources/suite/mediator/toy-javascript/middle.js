class Middle {
  constructor(stove, bell) {
    this.stove = stove;
    this.stove.setMiddle(this);
    this.bell = bell;
    this.bell.setMiddle(this);
  }

  notify(sender, event) {
    if (event === 'boiled') {
      this.bell.ring();
    }
    if (event === 'rung') {
      this.stove.cool();
    }
  }
}

class Part {
  constructor(middle = null) {
    this.middle = middle;
  }

  setMiddle(middle) {
    this.middle = middle;
  }
}

class Stove extends Part {
  boil() {
    console.log('boiling');
    this.middle.notify(this, 'boiled');
  }

  cool() {
    console.log('cooling');
  }
}

class Bell extends Part {
  ring() {
    console.log('ding');
    this.middle.notify(this, 'rung');
  }
}

const stove = new Stove();
const bell = new Bell();
new Middle(stove, bell);
stove.boil();
