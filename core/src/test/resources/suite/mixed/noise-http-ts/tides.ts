import { HttpClient } from './http';

export interface Tide {
  at: string;
  level: number;
}

export class TideApi {
  constructor(private readonly client: HttpClient) {}

  today(): Promise<Tide[]> {
    return this.client.get<Tide[]>('/tides/today');
  }

  report(level: number): Promise<void> {
    return this.client.post('/tides', { level });
  }
}

export class TideCache {
  private tides?: Tide[];
  private loadedAt = 0;

  constructor(private readonly api: TideApi, private readonly maxAgeMs = 60_000) {}

  async today(): Promise<Tide[]> {
    if (!this.tides || Date.now() - this.loadedAt > this.maxAgeMs) {
      this.tides = await this.api.today();
      this.loadedAt = Date.now();
    }
    return this.tides;
  }
}
