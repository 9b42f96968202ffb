export interface WeatherClient {
  wind(station: string): Promise<number>;
}

export class HttpWeatherClient implements WeatherClient {
  constructor(private readonly base: string) {}

  async wind(station: string): Promise<number> {
    const answer = await fetch(`${this.base}/${station}`);
    return Number(await answer.text());
  }
}

export class FixedWeatherClient implements WeatherClient {
  constructor(private readonly value: number) {}

  async wind(_station: string): Promise<number> {
    return this.value;
  }
}

export class RetryingClient implements WeatherClient {
  constructor(private readonly inner: WeatherClient, private readonly times: number) {}

  async wind(station: string): Promise<number> {
    let last: unknown;
    for (let i = 0; i < this.times; i++) {
      try {
        return await this.inner.wind(station);
      } catch (error) {
        last = error;
      }
    }
    throw last;
  }
}

export class RoundingClient implements WeatherClient {
  constructor(private readonly inner: WeatherClient) {}

  async wind(station: string): Promise<number> {
    return Math.round(await this.inner.wind(station));
  }
}
