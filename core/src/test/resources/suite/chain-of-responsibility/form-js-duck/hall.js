import { Tides, Berths, Nobody } from "./desk.js";
export class Hall {
  constructor() { this.first = new Tides(new Berths(new Nobody())); }
  ask(question) { return this.first.answer(question); }
}
