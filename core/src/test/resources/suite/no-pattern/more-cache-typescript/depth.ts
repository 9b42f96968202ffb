import { Cache } from './cache';

export class Depths {
  private readonly cache = new Cache<string, number>(1000, (place) => place.length * 2);

  at(place: string): number {
    return this.cache.get(place);
  }
}
