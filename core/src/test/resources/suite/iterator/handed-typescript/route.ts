export class Route implements Iterable<string> {
  private readonly legs: string[] = [];

  add(leg: string): void {
    this.legs.push(leg);
  }

  [Symbol.iterator](): Iterator<string> {
    return this.legs[Symbol.iterator]();
  }
}

const route = new Route();
route.add("Punta");
for (const leg of route) {
  console.log(leg);
}
