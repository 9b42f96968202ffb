import { tides, berths } from "./desk.js";
export class Hall {
  first = tides(berths(null));
  ask(question) { return this.first.answer(question); }
}
