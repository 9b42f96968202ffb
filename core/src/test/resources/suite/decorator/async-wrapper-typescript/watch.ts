import { FixedWeatherClient, HttpWeatherClient, RetryingClient, RoundingClient, WeatherClient } from './clients';

export class CraneWatch {
  constructor(private readonly weather: WeatherClient) {}

  async locked(): Promise<boolean> {
    return (await this.weather.wind('north')) > 7;
  }
}

new CraneWatch(new RoundingClient(new RetryingClient(new HttpWeatherClient('http://port.example'), 3))).locked();
new CraneWatch(new FixedWeatherClient(8)).locked();
