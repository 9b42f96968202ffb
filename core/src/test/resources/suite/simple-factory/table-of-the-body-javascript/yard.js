class Boat {
  launch() { throw new Error("abstract"); }
}
class Tug extends Boat {
  launch() { return 1; }
}
class Ferry extends Boat {
  launch() { return 2; }
}
export class Yard {
  boatFor(e) {
    const makers = { tug: () => new Tug(), ferry: () => new Ferry() };
    return makers[e]();
  }
}
