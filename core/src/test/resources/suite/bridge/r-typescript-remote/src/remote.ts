import type { Device } from './device';

export class Remote {
  protected on = false;

  constructor(protected readonly device: Device) {}

  toggle(): void {
    this.on = !this.on;
    this.device.power(this.on);
  }
}

export class VolumeRemote extends Remote {
  private percent = 20;

  louder(): void {
    this.percent = Math.min(100, this.percent + 5);
    this.device.volume(this.percent);
  }
}

export class SleepRemote extends Remote {
  sleepIn(minutes: number): void {
    setTimeout(() => this.device.power(false), minutes * 60_000);
  }
}
