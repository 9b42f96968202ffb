export interface Vault {
  open(key: string): string[];
  store(item: string): void;
}

export class SteelVault implements Vault {
  private readonly items: string[] = [];
  open(key: string): string[] {
    if (key !== 'harbour') throw new Error('wrong key');
    return [...this.items];
  }
  store(item: string): void {
    this.items.push(item);
  }
}

export class WatchedVault implements Vault {
  private opened = 0;
  constructor(private readonly real: SteelVault, private readonly mayOpen: (key: string) => boolean) {}

  open(key: string): string[] {
    if (!this.mayOpen(key)) throw new Error(`not for ${key}`);
    this.opened++;
    return this.real.open(key);
  }

  store(item: string): void {
    this.real.store(item);
  }

  timesOpened(): number {
    return this.opened;
  }
}
