class Aerial { private up = false; raise(): void { this.up = true; } }
class Receiver { private on = 0; tune(channel: number): void { this.on = channel; } }
export class RadioRoom {
  private aerial = new Aerial();
  private receiver = new Receiver();
  listen(channel: number): void { this.aerial.raise(); this.receiver.tune(channel); }
}
