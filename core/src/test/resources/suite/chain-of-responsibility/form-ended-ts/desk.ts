export interface Desk { answer(question: string): string; }
export class Tides implements Desk {
  constructor(private readonly next: Desk) {}
  answer(question: string): string {
    if (question === "tide") return "low";
    return this.next.answer(question);
  }
}
export class Berths implements Desk {
  constructor(private readonly next: Desk) {}
  answer(question: string): string {
    if (question === "berth") return "nine";
    return this.next.answer(question);
  }
}
export class Nobody implements Desk { answer(): string { return "nobody knows"; } }
