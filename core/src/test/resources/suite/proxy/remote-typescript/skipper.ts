import { TideService } from './tides';

export class Skipper {
  constructor(private readonly tides: TideService) {}

  async mayLeave(place: string): Promise<boolean> {
    const high = await this.tides.nextHigh(place);
    return (await this.tides.height(place, high)) > 2.5;
  }
}
