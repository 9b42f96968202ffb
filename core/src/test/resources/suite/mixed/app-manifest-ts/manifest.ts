export interface Manifest {
  id: string;
  ship: string;
  items: Item[];
  sealed: boolean;
}

export interface Item {
  name: string;
  kilos: number;
}

export type Result<T> = { ok: true; value: T } | { ok: false; error: string };

export class ManifestStore {
  private readonly byId = new Map<string, Manifest>();

  get(id: string): Manifest | undefined {
    return this.byId.get(id);
  }

  put(manifest: Manifest): void {
    this.byId.set(manifest.id, { ...manifest, items: [...manifest.items] });
  }

  all(): Manifest[] {
    return [...this.byId.values()];
  }
}
