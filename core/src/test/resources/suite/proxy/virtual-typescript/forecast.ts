export interface Forecast { wind(): number; }
export class FullForecast implements Forecast {
  private readonly winds = [3, 4];
  wind(): number { return this.winds[0]; }
}
export class LateForecast implements Forecast {
  private full?: FullForecast;
  wind(): number {
    this.full ??= new FullForecast();
    return this.full.wind();
  }
}
export class Skipper {
  decide(forecast: Forecast): boolean { return forecast.wind() < 6; }
}
