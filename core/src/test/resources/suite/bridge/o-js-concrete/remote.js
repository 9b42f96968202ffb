export class Device {
  power() { throw new Error('abstract'); }
  volume() { throw new Error('abstract'); }
}
export class Radio extends Device {
  constructor() { super(); this.on = false; this.level = 3; }
  power() { this.on = !this.on; }
  volume(by) { this.level += by; }
}
export class Siren extends Device {
  constructor() { super(); this.loud = 0; }
  power() { this.loud = this.loud ? 0 : 10; }
  volume(by) { this.loud += by * 10; }
}
export class Remote {
  constructor(device) { this.device = device; }
  toggle() { this.device.power(); }
  louder() { this.device.volume(1); }
}
export class QuietRemote extends Remote {
  mute() { this.device.volume(-100); }
}
export class NightRemote extends Remote {
  toggle() { this.device.volume(-2); this.device.power(); }
}
