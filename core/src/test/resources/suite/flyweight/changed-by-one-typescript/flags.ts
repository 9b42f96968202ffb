export class Flag {
  flown = 0;
  constructor(readonly letter: string, readonly meaning: string) {}
  fly(): string {
    this.flown++;
    return `${this.letter}: ${this.meaning}`;
  }
}

const locker: Record<string, Flag> = {};

export function flag(letter: string, meaning: string): Flag {
  return (locker[letter] ??= new Flag(letter, meaning));
}
