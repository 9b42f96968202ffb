export abstract class MenuPart {
  constructor(protected readonly title: string) {}

  add(_part: MenuPart): void {
    throw new Error(`${this.title} takes no parts`);
  }

  remove(_part: MenuPart): void {
    throw new Error(`${this.title} has no parts`);
  }

  abstract price(): number;

  print(indent = 0): void {
    console.log(" ".repeat(indent) + this.title);
  }
}

export class Dish extends MenuPart {
  constructor(title: string, private readonly cents: number) {
    super(title);
  }

  price(): number {
    return this.cents / 100;
  }
}

export class Menu extends MenuPart {
  private parts: MenuPart[] = [];

  override add(part: MenuPart): void {
    this.parts.push(part);
  }

  override remove(part: MenuPart): void {
    this.parts = this.parts.filter((one) => one !== part);
  }

  price(): number {
    return this.parts.reduce((sum, part) => sum + part.price(), 0);
  }

  override print(indent = 0): void {
    super.print(indent);
    this.parts.forEach((part) => part.print(indent + 2));
  }
}
