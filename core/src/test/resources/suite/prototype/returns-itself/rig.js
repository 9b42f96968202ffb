class Rig {
  copy() { throw new Error('copy'); }
}
class Sloop extends Rig {
  constructor(sails) { super(); this.sails = sails; this.log = []; }
  raise(sail) { this.sails.push(sail); this.log.push(sail); }
  copy() { return new Sloop(this.sails); }
}
class Wreck extends Rig {
  constructor(depth) { super(); this.depth = depth; }
  copy() { return this; }
}
class Yard {
  constructor() { this.rigs = [new Sloop(['main']), new Wreck(40)]; }
  order(i) { return this.rigs[i].copy(); }
}
module.exports = Yard;
