export class Harbourmaster {
  private static master?: Harbourmaster;
  private orders: string[] = [];
  private constructor() {}
  static get instance(): Harbourmaster {
    if (!Harbourmaster.master) {
      Harbourmaster.master = new Harbourmaster();
    }
    return Harbourmaster.master;
  }
  order(text: string): void { this.orders.push(text); }
}
