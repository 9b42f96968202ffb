interface Order {
  run(): void;
}

class SayOrder implements Order {
  constructor(private readonly words: string) {}

  public run(): void {
    console.log(`saying ${this.words}`);
  }
}

class BakeOrder implements Order {
  private readonly oven: Oven;
  private readonly first: string;
  private readonly second: string;

  constructor(oven: Oven, first: string, second: string) {
    this.oven = oven;
    this.first = first;
    this.second = second;
  }

  public run(): void {
    this.oven.heat(this.first);
    this.oven.bake(this.second);
  }
}

class Oven {
  heat(what: string): void {
    console.log(`heating ${what}`);
  }

  bake(what: string): void {
    console.log(`baking ${what}`);
  }
}

class Panel {
  private before?: Order;
  private after?: Order;

  setBefore(order: Order): void {
    this.before = order;
  }

  setAfter(order: Order): void {
    this.after = order;
  }

  press(): void {
    if (this.before) {
      this.before.run();
    }
    console.log('pressed');
    if (this.isOrder(this.after)) {
      this.after.run();
    }
  }

  private isOrder(object: unknown): object is Order {
    return (object as Order).run !== undefined;
  }
}

const panel = new Panel();
panel.setBefore(new SayOrder('hello'));
panel.setAfter(new BakeOrder(new Oven(), 'stone', 'bread'));
panel.press();
