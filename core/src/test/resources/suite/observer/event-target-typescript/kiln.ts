export class Kiln extends EventTarget {
  private degrees = 20;

  heat(by: number): void {
    this.degrees += by;
    this.dispatchEvent(new CustomEvent('heated', { detail: this.degrees }));
  }
}
