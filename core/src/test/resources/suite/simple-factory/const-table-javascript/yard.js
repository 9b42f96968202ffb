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

const MAKERS = { tug: () => new Tug(), ferry: () => new Ferry() };

export class Yard {
  make(kind) {
    return MAKERS[kind]();
  }
}
