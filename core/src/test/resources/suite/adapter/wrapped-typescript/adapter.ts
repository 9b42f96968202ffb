import { WeatherSource } from './ports';
import { OldBuoy } from './buoy';

export class BuoyWeather implements WeatherSource {
  constructor(private readonly buoy: OldBuoy) {}

  wind(): number {
    return this.buoy.readKnots() * 0.514;
  }

  waveHeight(): number {
    return this.buoy.readSwellInFeet() * 0.3048;
  }
}
