import { Flag, flag } from "./flags";

export class Hoist {
  private readonly flags: Flag[] = [];
  spell(word: string): this {
    for (const letter of word) this.flags.push(flag(letter, "letter " + letter));
    return this;
  }
  up(): string[] { return this.flags.map((each) => each.fly()); }
}

export const distress = new Flag("N", "no");
