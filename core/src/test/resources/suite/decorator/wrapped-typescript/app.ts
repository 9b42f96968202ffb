import { DiskFetcher, Fetcher, withPrefix, withRetry } from './fetchers';

export class Gallery {
  constructor(private readonly fetcher: Fetcher) {}

  show(name: string): Promise<string> {
    return this.fetcher.get(name);
  }
}

export const gallery = new Gallery(withRetry(withPrefix(new DiskFetcher(), 'pictures'), 3));
