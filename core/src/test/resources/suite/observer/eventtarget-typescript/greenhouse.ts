export class Greenhouse extends EventTarget {
  private humidity = 40;

  water(amount: number): void {
    this.humidity += amount;
    this.dispatchEvent(new CustomEvent('humid', { detail: this.humidity }));
  }
}
