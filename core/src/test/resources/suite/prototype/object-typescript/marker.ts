export class Marker {
  private notes: string[] = [];
  constructor(private x: number, private y: number) {}
  note(text: string): void { this.notes.push(text); }
  clone(): Marker {
    const made = new Marker(this.x, this.y);
    made.notes = [...this.notes];
    return made;
  }
}
export class Sheet {
  again(marker: Marker): Marker { return marker.clone(); }
}
