export class Arm {
  private height = 0;
  private closed = false;
  raise(by: number): void {
    this.height += by;
  }
  close(): void {
    this.closed = true;
  }
}
