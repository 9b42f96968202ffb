class Vessel {
  toll() { throw new Error('abstract'); }
}
class Barge extends Vessel {
  toll() { return 40; }
}
class Tanker extends Vessel {
  toll() { return 400; }
}
class Yacht extends Vessel {
  toll() { return 15; }
}

const KINDS = {
  barge: Barge,
  tanker: Tanker,
  yacht: Yacht,
};

class Registry {
  enter(kind) {
    const Kind = KINDS[kind];
    if (!Kind) {
      throw new Error(`no such vessel: ${kind}`);
    }
    return new Kind();
  }
}

module.exports = { Registry };
