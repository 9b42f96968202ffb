export interface Fetcher {
  get(path: string): Promise<string>;
}

export class DiskFetcher implements Fetcher {
  private reads = 0;
  async get(path: string): Promise<string> {
    this.reads++;
    return `file ${path}`;
  }
}

export function withRetry(inner: Fetcher, times: number): Fetcher {
  return {
    async get(path: string): Promise<string> {
      for (let i = 1; i < times; i++) {
        try {
          return await inner.get(path);
        } catch {
          // once more
        }
      }
      return inner.get(path);
    },
  };
}

export function withPrefix(inner: Fetcher, prefix: string): Fetcher {
  return {
    get: (path: string) => inner.get(`${prefix}/${path}`),
  };
}
