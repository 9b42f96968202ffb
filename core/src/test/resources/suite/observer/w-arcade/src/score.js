import { on } from "./bus.js";

export class Score {
  #points = 0;

  constructor() {
    on("hit", (points) => { this.#points += points; });
    on("over", () => console.log(`you have ${this.#points}`));
  }
}
