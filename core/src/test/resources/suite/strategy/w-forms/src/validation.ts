export type Rule = (value: string) => string | null;

export const required: Rule = (value) => (value.trim() ? null : "is required");

export function minLength(length: number): Rule {
  return (value) => (value.length >= length ? null : `needs ${length} letters`);
}

export const looksLikeMail: Rule = (value) => (/^\S+@\S+$/.test(value) ? null : "is no address");

export class Field {
  private value = "";

  constructor(readonly name: string, private readonly rule: Rule) {}

  type(text: string): void {
    this.value = text;
  }

  problem(): string | null {
    const found = this.rule(this.value);
    return found === null ? null : `${this.name} ${found}`;
  }
}
