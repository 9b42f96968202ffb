export interface Slot {
  from: string;
  until?: string;
  ship: string | null;
}

export enum Side {
  Port,
  Starboard,
}

export class Berth {
  private slots: Map<string, Slot> = new Map();
  private side: Side = Side.Port;

  constructor(public readonly code: string) {}

  reserve(slot: Slot): void {
    this.slots.set(slot.from, slot);
  }

  current(): Slot {
    return this.slots.get('now') ?? { from: 'now', ship: null };
  }
}
