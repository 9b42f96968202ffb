export class SignalFlag {
  constructor(readonly letter: string, readonly meaning: string) {}

  hoist(mast: string): string {
    return `${mast}: ${this.letter} ${this.meaning}`;
  }
}

export class FlagLocker {
  private flags = new Map<string, SignalFlag>();
  private asked = 0;

  flag(letter: string): SignalFlag {
    this.asked++;
    const found = this.lookUp(letter);
    return found;
  }

  private lookUp(letter: string): SignalFlag {
    const known = this.flags.get(letter);
    if (known) {
      return known;
    }
    const fresh = new SignalFlag(letter, `signal ${letter}`);
    this.flags.set(letter, fresh);
    return fresh;
  }
}

export class Yard {
  constructor(private locker: FlagLocker) {}

  signal(word: string): string[] {
    return [...word].map((letter) => this.locker.flag(letter).hoist('fore'));
  }
}
