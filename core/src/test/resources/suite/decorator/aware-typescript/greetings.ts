export interface Greeting {
  text(): string;
}

export class Plain implements Greeting {
  constructor(private readonly name: string) {}
  text(): string {
    return this.name;
  }
  loud(): Greeting {
    return new Loud(this);
  }
}

export class Loud implements Greeting {
  constructor(private readonly inner: Greeting) {}
  text(): string {
    return `${this.inner.text().toUpperCase()}!`;
  }
}

export class Framed implements Greeting {
  constructor(private readonly inner: Greeting) {}
  text(): string {
    return `[ ${this.inner.text()} ]`;
  }
}
