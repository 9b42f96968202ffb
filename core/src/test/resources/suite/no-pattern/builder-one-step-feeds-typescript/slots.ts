export class Cursor {
  private at = 0;
  constructor(private readonly hours: number[]) {}
  hasNext(): boolean { return this.at < this.hours.length; }
  next(): number { return this.hours[this.at++]; }
}

export class Slots {
  private hours: number[] = [];
  private notes = 0;

  open(hour: number): void { this.hours.push(hour); }

  note(text: string): void {
    this.notes++;
    console.log(text);
  }

  cursor(): Cursor { return new Cursor(this.hours); }
}

export function print(slots: Slots): void {
  const cursor = slots.cursor();
  while (cursor.hasNext()) console.log(cursor.next());
}
