export class Valve {
  open() { this.ajar = true; }
  shut() { this.ajar = false; }
}
