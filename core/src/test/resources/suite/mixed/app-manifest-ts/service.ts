import { Item, Manifest, ManifestStore, Result } from './manifest';

export interface Clock {
  now(): Date;
}

export class ManifestService {
  constructor(private readonly store: ManifestStore, private readonly clock: Clock) {}

  open(ship: string): Manifest {
    const manifest: Manifest = { id: `${ship}-${this.clock.now().getTime()}`, ship, items: [], sealed: false };
    this.store.put(manifest);
    return manifest;
  }

  add(id: string, item: Item): Result<Manifest> {
    const manifest = this.store.get(id);
    if (!manifest) return { ok: false, error: 'unknown manifest' };
    if (manifest.sealed) return { ok: false, error: 'sealed already' };
    manifest.items.push(item);
    this.store.put(manifest);
    return { ok: true, value: manifest };
  }

  kilos(id: string): number {
    return this.store.get(id)?.items.reduce((sum, item) => sum + item.kilos, 0) ?? 0;
  }
}
