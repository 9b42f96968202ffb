interface Boat { launch(): number }
class Tug implements Boat { launch() { return 1; } }
class Ferry implements Boat { launch() { return 2; } }
export function boatFor(kind: "tug" | "ferry"): Boat {
  const makers: Record<string, () => Boat> = { tug: () => new Tug(), ferry: () => new Ferry() };
  return makers[kind]();
}
