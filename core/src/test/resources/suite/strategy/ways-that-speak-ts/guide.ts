interface Greeting {
  greet(): string;
}

class Formal implements Greeting {
  greet(): string {
    return "Welcome to the port of Aldera.";
  }
}

class Rough implements Greeting {
  greet(): string {
    return "Mind the ropes!";
  }
}

class Guide {
  constructor(private greeting: Greeting) {}

  setGreeting(greeting: Greeting): void {
    this.greeting = greeting;
  }

  meet(): void {
    console.log(this.greeting.greet());
  }
}

const guide = new Guide(new Formal());
guide.meet();
guide.setGreeting(new Rough());
guide.meet();
