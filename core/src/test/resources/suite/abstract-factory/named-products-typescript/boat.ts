import { CarbonMast, Rigger, Sail } from "./rigs";

export class Boat {
  private readonly sails: Sail[] = [];
  constructor(private readonly rigger: Rigger) {}
  rig(length: number): number {
    const mast = this.rigger.mast(length);
    if (mast instanceof CarbonMast) console.log("careful");
    this.sails.push(this.rigger.sail(mast));
    return this.sails.reduce((sum, sail) => sum + sail.area(), 0);
  }
}
