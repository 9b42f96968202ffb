class Steam {
  static clean(carpet) {
    carpet.wet = true;
  }
}

class Powder {
  static clean(carpet) {
    carpet.dust = false;
  }
}

class Cleaner {
  constructor(way) {
    this.way = way;
  }

  run(carpets) {
    for (const carpet of carpets) this.way.clean(carpet);
  }
}

new Cleaner(Steam).run([]);
new Cleaner(Powder).run([]);
