export class Ticketing { constructor(private rate: number) {} price(n: number) { return n * this.rate; } refund(n: number) { return -this.price(n); } }
export class Ferry {
  private log: string[] = [];
  constructor(private readonly ticketing?: Ticketing) {}
  board(n: number): number {
    if (this.ticketing === undefined) { return 0; }
    return this.ticketing.price(n);
  }
  leave(n: number): void {
    this.log.push('left');
    if (this.ticketing) { this.log.push(String(this.ticketing.refund(n))); }
  }
  total(n: number): number { return this.ticketing ? this.ticketing.price(n) : 0; }
}
export const free = new Ferry();
export const paid = new Ferry(new Ticketing(4));
