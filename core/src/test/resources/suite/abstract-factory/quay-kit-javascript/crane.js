'use strict';
const { OldQuayKit, DeepQuayKit } = require('./kits');

class Crane {
  constructor(kit) {
    this.rope = kit.rope();
    this.hook = kit.hook();
  }

  lifts(load) {
    return !this.rope.breaks(load + this.hook.weight());
  }
}

const crane = new Crane(process.argv[2] === 'old' ? new OldQuayKit() : new DeepQuayKit());
console.log(crane.lifts(70));
