'use strict';

class Rope {
  breaks(load) { throw new Error('not said'); }
}
class HempRope extends Rope {
  breaks(load) { return load > 80; }
}
class SteelRope extends Rope {
  breaks(load) { return load > 900; }
}

class Hook {
  weight() { throw new Error('not said'); }
}
class WoodHook extends Hook {
  weight() { return 3; }
}
class IronHook extends Hook {
  weight() { return 21; }
}

class Kit {
  rope() { throw new Error('each kit has its rope'); }
  hook() { throw new Error('each kit has its hook'); }
}

class OldQuayKit extends Kit {
  rope() { return new HempRope(); }
  hook() { return new WoodHook(); }
}

class DeepQuayKit extends Kit {
  rope() { return new SteelRope(); }
  hook() { return new IronHook(); }
}

module.exports = { OldQuayKit, DeepQuayKit };
