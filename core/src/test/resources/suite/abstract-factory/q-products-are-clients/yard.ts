import { Barge, Boat, Launch } from './boats';
import { LakeParts, SeaParts } from './parts';

export abstract class Yard {
  order(kind: string): Boat {
    const boat = this.create(kind);
    boat.assemble();
    return boat;
  }

  protected abstract create(kind: string): Boat;
}

export class LakeYard extends Yard {
  protected create(kind: string): Boat {
    const parts = new LakeParts();
    return kind === 'barge' ? new Barge(parts) : new Launch(parts);
  }
}

export class SeaYard extends Yard {
  protected create(kind: string): Boat {
    const parts = new SeaParts();
    return kind === 'barge' ? new Barge(parts) : new Launch(parts);
  }
}
