export class OldScale {
  constructor(port) { this.port = port; }
  readPounds() { return this.port.read() * 2.2; }
  resetToZero() { this.port.write('0'); }
}
