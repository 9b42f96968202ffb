interface Boat {
  launch(): string;
}

class Tug implements Boat {
  launch(): string {
    return "tug";
  }
}

class Ferry implements Boat {
  launch(): string {
    return "ferry";
  }
}

export class Yard {
  private readonly makers: Record<string, () => Boat> = {
    tug: this.tug.bind(this),
    ferry: () => this.ferry(),
  };

  make(kind: string): Boat {
    const maker = this.makers[kind];
    if (!maker) {
      throw new Error(kind);
    }
    return maker();
  }

  private tug(): Boat {
    return new Tug();
  }

  private ferry(): Boat {
    return new Ferry();
  }
}
