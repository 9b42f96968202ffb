class Registry {
  private readonly ships = new Map<string, number>();

  enter(name: string): void {
    this.ships.set(name, Date.now());
  }
}

let registry: Registry | undefined;

export function theRegistry(): Registry {
  return (registry ??= new Registry());
}
