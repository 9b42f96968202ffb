class CanalLock {
  constructor() {
    this.level = 0;
    this.state = new Empty(this);
  }
  enter(state) { this.state = state; }
  fill() { return this.state.fill(); }
  drain() { return this.state.drain(); }
}
class LockState {
  constructor(lock) { this.lock = lock; }
  fill() { return 'cannot fill'; }
  drain() { return 'cannot drain'; }
}
class Empty extends LockState {
  fill() { this.lock.level = 6; this.lock.enter(new Full(this.lock)); return 'filling'; }
}
class Full extends LockState {
  drain() { this.lock.level = 0; this.lock.enter(new Empty(this.lock)); return 'draining'; }
}
module.exports = { CanalLock };
