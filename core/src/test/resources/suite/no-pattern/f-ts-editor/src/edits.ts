import type { ManifestText, Snapshot } from './document';

export interface Edit {
  apply(): void;
  revert(): void;
}

export class Typing implements Edit {
  constructor(private readonly doc: ManifestText, private readonly piece: string) {}
  apply(): void {
    this.doc.insert(this.piece);
  }
  revert(): void {
    this.doc.erase(this.piece.length);
  }
}

export class Erasing implements Edit {
  private gone = '';
  constructor(private readonly doc: ManifestText, private readonly count: number) {}
  apply(): void {
    this.gone = this.doc.erase(this.count);
  }
  revert(): void {
    this.doc.insert(this.gone);
  }
}

export class Several implements Edit {
  private readonly edits: Edit[] = [];
  constructor(...edits: Edit[]) {
    this.edits.push(...edits);
  }
  add(edit: Edit): void {
    this.edits.push(edit);
  }
  apply(): void {
    this.edits.forEach(edit => edit.apply());
  }
  revert(): void {
    [...this.edits].reverse().forEach(edit => edit.revert());
  }
}
