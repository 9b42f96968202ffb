class Orchard {
  constructor() {
    this.trees = ['apple', 'pear'];
  }

  pick(kind) {
    return this.trees.includes(kind) ? `a ${kind}` : null;
  }

  plant(kind) {
    this.trees.push(kind);
  }
}

function guarded(orchard, visitor) {
  return new Proxy(orchard, {
    get(target, name) {
      if (name === 'plant' && !visitor.owner) {
        throw new Error('not yours');
      }
      const value = target[name];
      return typeof value === 'function' ? value.bind(target) : value;
    },
  });
}

module.exports = { Orchard, guarded };
