const makers = new Map();

class Registry {
  register(kind, maker) {
    makers.set(kind, maker);
  }

  make(kind, ...rest) {
    const maker = makers.get(kind);
    if (!maker) {
      throw new Error(`no maker for ${kind}`);
    }
    return maker(...rest);
  }
}

module.exports = new Registry();
