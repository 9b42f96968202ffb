export interface Mode { press(beacon: Beacon): void; flashes(): number; }
export class Off implements Mode {
  press(beacon: Beacon): void { beacon.mode = new Slow(); }
  flashes(): number { return 0; }
}
export class Slow implements Mode {
  press(beacon: Beacon): void { beacon.mode = new Fast(); }
  flashes(): number { return 1; }
}
export class Fast implements Mode {
  press(beacon: Beacon): void { beacon.mode = new Off(); }
  flashes(): number { return 5; }
}
export class Beacon {
  mode: Mode = new Off();
  press(): void { this.mode.press(this); }
  rate(): number { return this.mode.flashes(); }
}
