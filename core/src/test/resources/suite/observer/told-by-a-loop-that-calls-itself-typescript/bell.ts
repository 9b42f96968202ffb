export interface Ear {
  rung(at: number): void;
}

export class Bell {
  private readonly ears: Ear[] = [];
  private last = 0;

  add(ear: Ear): void {
    this.ears.push(ear);
  }

  remove(ear: Ear): void {
    this.ears.splice(this.ears.indexOf(ear), 1);
  }

  ring(at: number): void {
    this.last = at;
    this.each(0, (ear) => ear.rung(at));
  }

  private each(from: number, tell: (ear: Ear) => void): number {
    for (const ear of this.ears.slice(from)) {
      tell(ear);
    }
    return from > this.ears.length ? this.each(0, (ear) => tell(ear)) : this.ears.length;
  }
}

export class Porter implements Ear {
  private up = false;
  rung(at: number): void {
    this.up = at > 6;
  }
}

export class Book implements Ear {
  private lines: number[] = [];
  rung(at: number): void {
    this.lines.push(at);
  }
}
