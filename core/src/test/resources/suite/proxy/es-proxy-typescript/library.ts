export interface Shelf {
  lend(title: string): boolean;
  giveBack(title: string): void;
}

export class OpenShelf implements Shelf {
  private readonly out = new Set<string>();

  lend(title: string): boolean {
    if (this.out.has(title)) return false;
    this.out.add(title);
    return true;
  }

  giveBack(title: string): void {
    this.out.delete(title);
  }
}

export class ClosedShelf implements Shelf {
  constructor(private readonly shelf: OpenShelf, private readonly reader: { card?: string }) {}

  lend(title: string): boolean {
    if (!this.reader.card) {
      throw new Error('no card');
    }
    return this.shelf.lend(title);
  }

  giveBack(title: string): void {
    this.shelf.giveBack(title);
  }
}
