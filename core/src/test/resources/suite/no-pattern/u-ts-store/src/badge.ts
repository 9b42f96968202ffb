import type { Store } from './store';
import type { Cart, CartAction } from './cart';

export class Badge {
  private stop?: () => void;

  constructor(private readonly element: HTMLElement) {}

  show(store: Store<Cart, CartAction>): void {
    this.stop?.();
    this.stop = store.subscribe(cart => { this.element.textContent = String(cart.lines.length); });
  }

  hide(): void {
    this.stop?.();
    this.stop = undefined;
  }
}
