export class Hold {
  private crates: string[] = [];

  put(crate: string): void {
    this.crates.push(crate);
  }

  unload(): Hold {
    const next = new Hold();
    next.crates = this.crates;
    this.crates = [];
    return next;
  }
}

export class Crane {
  lift(hold: Hold): Hold {
    return hold.unload();
  }
}
