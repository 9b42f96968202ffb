import { Framed, Greeting, Plain } from './greetings';

export class Card {
  write(): string {
    const greeting: Greeting = new Framed(new Plain('Ana').loud());
    return greeting.text();
  }
}
