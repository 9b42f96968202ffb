export class Entry { size() { return 0; } }
export class Paper extends Entry { constructor(kb) { super(); this.kb = kb; } size() { return this.kb; } }
export class Sealed extends Entry { size() { return 1; } }
export class Binder extends Entry {
  constructor() { super(); this.entries = []; }
  add(entry) { this.entries.push(entry); }
  size() {
    let total = 0;
    for (const entry of this.entries) {
      if (total > 1000) break;
      total += entry.size();
    }
    return total;
  }
}
