export class Carrier {
  flash(text) { throw new Error('abstract'); }
}
export class LampCarrier extends Carrier {
  flash(text) { return `lamp:${text.length}`; }
}
export class RadioCarrier extends Carrier {
  constructor(channel) { super(); this.channel = channel; }
  flash(text) { return `radio${this.channel}:${text}`; }
}

export class Signal {
  constructor(carrier) { this.carrier = carrier; }
  send(ship) { return this.carrier.flash(this.text(ship)); }
  text(ship) { return ship; }
}
export class BerthSignal extends Signal {
  text(ship) { return `${ship}, your berth is free`; }
}
export class StormSignal extends Signal {
  send(ship) {
    return [1, 2, 3].map(() => this.carrier.flash(`${ship}: storm`));
  }
}
