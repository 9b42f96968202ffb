export class Cache<K, V> {
  private readonly entries = new Map<K, { value: V; until: number }>();

  constructor(private readonly ttl: number, private readonly load: (key: K) => V) {}

  get(key: K): V {
    const now = Date.now();
    const entry = this.entries.get(key);
    if (entry && entry.until > now) {
      return entry.value;
    }
    const value = this.load(key);
    this.entries.set(key, { value, until: now + this.ttl });
    return value;
  }

  clear(): void {
    this.entries.clear();
  }
}
