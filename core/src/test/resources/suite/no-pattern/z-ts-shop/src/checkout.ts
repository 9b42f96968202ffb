import { Cart } from "./cart";

export type CheckoutResult = { ok: true; number: string } | { ok: false; reason: string };

export class Checkout {
  private next = 1;

  constructor(private readonly cart: Cart) {}

  pay(card: string): CheckoutResult {
    if (this.cart.isEmpty()) return { ok: false, reason: "empty" };
    if (!/^\d{16}$/.test(card)) return { ok: false, reason: "card" };
    return { ok: true, number: `R-${this.next++}` };
  }
}
