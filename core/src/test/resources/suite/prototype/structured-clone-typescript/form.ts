export class Form {
  private fields: Record<string, string> = {};
  private notes: string[] = [];

  fill(name: string, value: string): this {
    this.fields[name] = value;
    return this;
  }

  note(text: string): void {
    this.notes.push(text);
  }

  copy(): Form {
    const fresh = new Form();
    fresh.fields = structuredClone(this.fields);
    fresh.notes = [...this.notes];
    return fresh;
  }
}
