export class Meter {
  reset() { this.litres = 0; }
  read() { return this.litres; }
}
