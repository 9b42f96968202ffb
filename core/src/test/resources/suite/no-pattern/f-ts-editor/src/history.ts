import type { Edit } from './edits';
import type { ManifestText, Snapshot } from './document';

export class History {
  private readonly done: Edit[] = [];
  private readonly undone: Edit[] = [];

  run(edit: Edit): void {
    edit.apply();
    this.done.push(edit);
    this.undone.length = 0;
  }

  undo(): boolean {
    const edit = this.done.pop();
    if (!edit) return false;
    edit.revert();
    this.undone.push(edit);
    return true;
  }
}

export class Autosave {
  private saved: Snapshot[] = [];
  constructor(private readonly doc: ManifestText) {}
  tick(): void {
    this.saved = [...this.saved.slice(-9), this.doc.snapshot()];
  }
  recover(): void {
    const last = this.saved.pop();
    if (last) this.doc.restore(last);
  }
}
