import { ClosedShelf, OpenShelf, Shelf } from './library';

export class Reader {
  constructor(private readonly shelf: Shelf) {}

  evening(): boolean {
    return this.shelf.lend('The Reeds');
  }
}

export const reader = new Reader(new ClosedShelf(new OpenShelf(), { card: '12' }));
