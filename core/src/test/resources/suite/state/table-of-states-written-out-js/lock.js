class Closed {
  constructor(lock) {
    this.lock = lock;
  }

  request() {
    console.log('filling');
    this.lock.enter(this.lock.states.filling);
  }
}

class Filling {
  constructor(lock) {
    this.lock = lock;
  }

  request() {
    this.lock.enter(this.lock.states.open);
  }
}

class Open {
  constructor(lock) {
    this.lock = lock;
  }

  request() {
    this.lock.enter(this.lock.states.closed);
  }
}

class Lock {
  constructor() {
    this.states = { closed: new Closed(this), filling: new Filling(this), open: new Open(this) };
    this.current = this.states.closed;
  }

  enter(state) {
    this.current = state;
  }

  request() {
    this.current.request();
  }
}

module.exports = { Lock };
