import { MarkKit, RegionAKit, RegionBKit } from './kit';

export class Channel {
  constructor(private readonly kit: MarkKit) {}

  mark(): string {
    return this.kit.createBuoy().light() + this.kit.createBeacon().flash();
  }
}

new Channel(new RegionAKit()).mark();
new Channel(new RegionBKit()).mark();
