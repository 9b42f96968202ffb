import { SteelVault, Vault, WatchedVault } from './vault';

export class CustomsOffice {
  constructor(private readonly vault: Vault) {}
  seize(item: string): void {
    this.vault.store(item);
  }
  inspect(key: string): number {
    return this.vault.open(key).length;
  }
}

export function staffed(): CustomsOffice {
  return new CustomsOffice(new WatchedVault(new SteelVault(), key => key.startsWith('h')));
}
