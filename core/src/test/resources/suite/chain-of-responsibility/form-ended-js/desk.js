export class Desk { answer(question) { throw new Error("abstract"); } }
export class Tides extends Desk {
  constructor(next) { super(); this.next = next; }
  answer(question) {
    if (question === "tide") return "low";
    return this.next.answer(question);
  }
}
export class Berths extends Desk {
  constructor(next) { super(); this.next = next; }
  answer(question) {
    if (question === "berth") return "nine";
    return this.next.answer(question);
  }
}
export class Nobody extends Desk {
  answer() { return "nobody knows"; }
}
