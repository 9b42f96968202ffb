class BrassLamp { light() { return 'brass glow'; } }
class GlassLamp { light() { return 'glass glow'; } }
class RopeRail { hold() { return 'rope'; } }
class SteelRail { hold() { return 'steel'; } }

export class OldKit {
  lamp() { return new BrassLamp(); }
  rail() { return new RopeRail(); }
}

export class NewKit {
  lamp() { return new GlassLamp(); }
  rail() { return new SteelRail(); }
}

export class CheapKit {
  lamp() { return new GlassLamp(); }
  rail() { throw new Error('no rail for that price'); }
}

export class Deck {
  constructor(kit) {
    this.kit = kit;
  }
  fit() {
    return [this.kit.lamp().light(), this.kit.rail().hold()];
  }
}

new Deck(process.env.OLD ? new OldKit() : new NewKit()).fit();
new Deck(new CheapKit()).fit();
