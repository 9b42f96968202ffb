interface Carpet { wet: boolean; dust: boolean }

interface Way {
  clean(carpet: Carpet): void;
}

class Steam {
  static clean(carpet: Carpet): void {
    carpet.wet = true;
  }
}

class Powder {
  static clean(carpet: Carpet): void {
    carpet.dust = false;
  }
}

class Cleaner {
  constructor(private readonly way: Way) {}

  run(carpets: Carpet[]): void {
    for (const carpet of carpets) this.way.clean(carpet);
  }
}

new Cleaner(Steam).run([]);
new Cleaner(Powder).run([]);
