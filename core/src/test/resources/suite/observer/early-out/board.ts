export interface Reader { news(text: string): boolean }
export class Clerk implements Reader { count = 0; news(text: string) { this.count += text.length; return true; } }
export class Deaf implements Reader { news(_: string) { return false; } }
export class Board {
  readers: Reader[] = [];
  private last = '';
  subscribe(reader: Reader): void { this.readers.push(reader); }
  unsubscribe(reader: Reader): void { this.readers = this.readers.filter((r) => r !== reader); }
  post(text: string): void {
    this.last = text;
    for (const reader of this.readers) {
      reader.news(text);
      if (text.length > 80) return;
    }
  }
  wipe(): void { this.last = ''; }
}
export function open(): Board { const b = new Board(); b.subscribe(new Clerk()); b.subscribe(new Deaf()); return b; }
