export class Flag {
  readonly pattern: string;

  private constructor(readonly country: string) {
    this.pattern = `stripes of ${country}`;
  }

  private static readonly known = new Map<string, Flag>();

  static of(country: string): Flag {
    let flag = Flag.known.get(country);
    if (flag === undefined) {
      flag = new Flag(country);
      Flag.known.set(country, flag);
    }
    return flag;
  }
}
