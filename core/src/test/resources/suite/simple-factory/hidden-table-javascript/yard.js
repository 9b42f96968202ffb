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
  #makers = { tug: () => new Tug(), ferry: () => new Ferry() };

  make(kind) {
    const maker = this.#makers[kind];
    if (maker === undefined) {
      throw new Error(`no boat ${kind}`);
    }
    return maker();
  }
}
