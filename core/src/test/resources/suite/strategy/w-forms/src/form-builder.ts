import { Field, Rule } from "./validation";

export class Form {
  constructor(private readonly fields: ReadonlyMap<string, Field>, private readonly target: URL) {}

  problems(): string[] {
    const all: string[] = [];
    for (const field of this.fields.values()) {
      const problem = field.problem();
      if (problem !== null) all.push(problem);
    }
    return all;
  }

  where(): string {
    return this.target.href;
  }
}

export class FormBuilder {
  private readonly fields = new Map<string, Field>();
  private target: URL | undefined;

  field(name: string, rule: Rule): this {
    this.fields.set(name, new Field(name, rule));
    return this;
  }

  sendTo(address: string): this {
    this.target = new URL(address);
    return this;
  }

  build(): Form {
    if (!this.target) throw new Error("a form needs a target");
    return new Form(new Map(this.fields), this.target);
  }
}
