interface Entry { value: string; until: number }

export class Cache {
  private entries = new Map<string, Entry>();

  constructor(private readonly fetcher: (key: string) => string, private readonly ttl: number) {}

  get(key: string, now: number): string {
    const hit = this.entries.get(key);
    if (hit && hit.until > now) return hit.value;
    const value = this.fetcher(key);
    this.entries.set(key, { value, until: now + this.ttl });
    return value;
  }
}

export const cache = new Cache((key) => key.toUpperCase(), 60);
