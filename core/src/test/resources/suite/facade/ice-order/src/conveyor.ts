export class Conveyor {
  private running = false;
  start(): void { this.running = true; }
  stop(): void { this.running = false; }
}
