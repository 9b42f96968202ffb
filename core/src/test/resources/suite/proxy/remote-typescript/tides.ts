export interface TideService {
  nextHigh(place: string): Promise<Date>;
  height(place: string, at: Date): Promise<number>;
}

export class HttpTides implements TideService {
  constructor(private readonly base: string) {}

  async nextHigh(place: string): Promise<Date> {
    const reply = await fetch(`${this.base}/high/${place}`);
    return new Date(await reply.text());
  }

  async height(place: string, at: Date): Promise<number> {
    const reply = await fetch(`${this.base}/height/${place}?at=${at.toISOString()}`);
    return Number(await reply.text());
  }
}
