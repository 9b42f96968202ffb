export abstract class Check {
  constructor(private readonly next?: Check) {}

  clear(box: string): boolean {
    return this.fits(box) && (this.next === undefined || this.next.clear(box));
  }

  protected abstract fits(box: string): boolean;
}

export class LengthCheck extends Check {
  protected fits(box: string): boolean {
    return box.length < 12;
  }
}

export class SealCheck extends Check {
  protected fits(box: string): boolean {
    return box.startsWith("AL");
  }
}

console.log(new LengthCheck(new SealCheck()).clear("AL-7"));
