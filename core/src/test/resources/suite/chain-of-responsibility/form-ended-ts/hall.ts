import { Tides, Berths, Nobody } from "./desk";
export class Hall {
  private first = new Tides(new Berths(new Nobody()));
  ask(question: string): string { return this.first.answer(question); }
}
