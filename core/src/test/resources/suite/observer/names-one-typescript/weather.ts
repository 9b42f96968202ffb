export interface WeatherListener {
  weather(wind: number): void;
}

export class Station {
  private readonly listeners = new Set<WeatherListener>();
  private wind = 0;

  subscribe(listener: WeatherListener): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  measure(wind: number): void {
    this.wind = wind;
    for (const listener of [...this.listeners]) {
      if (listener instanceof StormBell && wind < 20) continue;
      listener.weather(this.wind);
    }
  }
}

export class StormBell implements WeatherListener {
  private rung = 0;
  weather(wind: number): void {
    if (wind > 20) this.rung++;
  }
}

export class WindChart implements WeatherListener {
  readonly points: number[] = [];
  weather(wind: number): void { this.points.push(wind); }
}
