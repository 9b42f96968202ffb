export class Bunk { sleepers() { return 0; } }
export class Lamp { lux() { return 0; } }

class OakBunk extends Bunk { sleepers() { return 1; } }
class BrassLamp extends Lamp { lux() { return 120; } }
class SteelBunk extends Bunk { sleepers() { return 2; } }
class TubeLamp extends Lamp { lux() { return 400; } }

export class CabinOutfitter {
  makeBunk() { throw new Error('subclass must make a bunk'); }
  makeLamp() { throw new Error('subclass must make a lamp'); }
}

export class YachtOutfitter extends CabinOutfitter {
  makeBunk() { return new OakBunk(); }
  makeLamp() { return new BrassLamp(); }
}

export class TrawlerOutfitter extends CabinOutfitter {
  makeBunk() { return new SteelBunk(); }
  makeLamp() { return new TubeLamp(); }
}
