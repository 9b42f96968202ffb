export type Snapshot = { readonly text: string; readonly caret: number };

export class ManifestText {
  private text = '';
  private caret = 0;

  insert(piece: string): void {
    this.text = this.text.slice(0, this.caret) + piece + this.text.slice(this.caret);
    this.caret += piece.length;
  }

  erase(count: number): string {
    const gone = this.text.slice(this.caret - count, this.caret);
    this.text = this.text.slice(0, this.caret - count) + this.text.slice(this.caret);
    this.caret -= count;
    return gone;
  }

  snapshot(): Snapshot {
    return { text: this.text, caret: this.caret };
  }

  restore(snapshot: Snapshot): void {
    this.text = snapshot.text;
    this.caret = snapshot.caret;
  }
}
