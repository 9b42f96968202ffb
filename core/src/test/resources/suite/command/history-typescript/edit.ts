export class Page {
  private text = "";
  put(words: string): void { this.text += words; }
  cut(words: string): void { this.text = this.text.replace(words, ""); }
}
export interface Edit { apply(): void; undo(): void; }
export class Insert implements Edit {
  constructor(private page: Page, private words: string) {}
  apply(): void { this.page.put(this.words); }
  undo(): void { this.page.cut(this.words); }
}
export class Remove implements Edit {
  constructor(private page: Page, private words: string) {}
  apply(): void { this.page.cut(this.words); }
  undo(): void { this.page.put(this.words); }
}
export class History {
  private edits: Edit[] = [];
  run(edit: Edit): void { edit.apply(); this.edits.push(edit); }
  back(): void { const edit = this.edits.pop(); if (edit) edit.undo(); }
}
export function write(history: History, page: Page): void {
  history.run(new Insert(page, "calm"));
  history.run(new Remove(page, "storm"));
}
