export class Pump {
  start() { this.on = true; }
  stop() { this.on = false; }
}
