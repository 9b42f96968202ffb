export class Snapshot {
  constructor(readonly text: string, readonly cursor: number) {}
}
export class Note {
  private text = "";
  private cursor = 0;
  type(words: string): void { this.text += words; this.cursor += words.length; }
  snapshot(): Snapshot { return new Snapshot(this.text, this.cursor); }
  revert(to: Snapshot): void { this.text = to.text; this.cursor = to.cursor; }
}
export class Undo {
  private kept: Snapshot[] = [];
  constructor(private note: Note) {}
  mark(): void { this.kept.push(this.note.snapshot()); }
  undo(): void { const last = this.kept.pop(); if (last) this.note.revert(last); }
}
