import { dayKit, nightKit, SignalKit } from "./kit";

export class Mast {
  constructor(private readonly kit: SignalKit) {}
  show(): string {
    return this.kit.flag().code() + this.kit.lamp().colour();
  }
}

console.log(new Mast(dayKit).show(), new Mast(nightKit).show());
