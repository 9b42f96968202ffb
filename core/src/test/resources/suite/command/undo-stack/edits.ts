export interface Edit {
  apply(): void;
  revert(): void;
}

export class Sheet {
  private rows = new Map<string, string>();
  set(key: string, value: string): void {
    this.rows.set(key, value);
  }
  drop(key: string): void {
    this.rows.delete(key);
  }
  get(key: string): string | undefined {
    return this.rows.get(key);
  }
}

export class SetRow implements Edit {
  private before?: string;
  constructor(private sheet: Sheet, private key: string, private value: string) {}
  apply(): void {
    this.before = this.sheet.get(this.key);
    this.sheet.set(this.key, this.value);
  }
  revert(): void {
    if (this.before === undefined) {
      this.sheet.drop(this.key);
    } else {
      this.sheet.set(this.key, this.before);
    }
  }
}

export class DropRow implements Edit {
  constructor(private sheet: Sheet, private key: string) {}
  apply(): void {
    this.sheet.drop(this.key);
  }
  revert(): void {
    throw new Error("a dropped row is gone");
  }
}

export class Editor {
  private done: Edit[] = [];
  run(edit: Edit): void {
    edit.apply();
    this.done.push(edit);
  }
  undo(): void {
    this.done.pop()?.revert();
  }
}
