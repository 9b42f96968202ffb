export class Cleaner {
  constructor(way) {
    this.way = way;
  }

  run(carpets) {
    for (const carpet of carpets) this.way.clean(carpet);
  }
}
