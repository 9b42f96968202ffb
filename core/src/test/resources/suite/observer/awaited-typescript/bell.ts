export interface Ear {
  rung(at: number): Promise<void>;
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

  private async present(): Promise<Ear[]> {
    return this.ears.slice();
  }

  async ring(at: number): Promise<void> {
    this.last = at;
    for (const ear of await this.present()) {
      await ear.rung(at);
    }
  }
}

export class Porter implements Ear {
  private up = false;
  async rung(at: number): Promise<void> {
    this.up = at > 6;
  }
}

export class Book implements Ear {
  private lines: number[] = [];
  async rung(at: number): Promise<void> {
    this.lines.push(at);
  }
}
