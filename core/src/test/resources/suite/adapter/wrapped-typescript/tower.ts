import { WeatherSource } from './ports';
import { BuoyWeather } from './adapter';
import { OldBuoy } from './buoy';

export class Tower {
  constructor(private readonly source: WeatherSource) {}

  closed(): boolean {
    return this.source.wind() > 20 || this.source.waveHeight() > 4;
  }
}

new Tower(new BuoyWeather(new OldBuoy())).closed();
