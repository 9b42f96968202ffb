class Boat {
  launch() {
    throw new Error("abstract");
  }
}

class Tug extends Boat {
  launch() {
    return "tug";
  }
}

class Ferry extends Boat {
  launch() {
    return "ferry";
  }
}

export class Yard {
  constructor() {
    this.makers = { tug: () => new Tug(), ferry: () => new Ferry() };
  }

  make(kind) {
    return this.makers[kind]();
  }
}
