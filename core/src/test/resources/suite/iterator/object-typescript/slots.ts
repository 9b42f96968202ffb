export interface Cursor { hasNext(): boolean; next(): number; }
export class SlotCursor implements Cursor {
  private at = 0;
  constructor(private readonly hours: number[]) {}
  hasNext(): boolean { return this.at < this.hours.length; }
  next(): number { return this.hours[this.at++]; }
}
export class Slots {
  private hours: number[] = [];
  open(hour: number): void { this.hours.push(hour); }
  cursor(): SlotCursor { return new SlotCursor(this.hours); }
}
export function print(slots: Slots): void {
  const cursor = slots.cursor();
  while (cursor.hasNext()) console.log(cursor.next());
}
