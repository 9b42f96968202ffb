export interface Door { position: Position; }
export interface Position { press(door: Door): void; }
export class Open implements Position { press(door: Door): void { door.position = new Closed(); } }
export class Closed implements Position { press(door: Door): void { door.position = new Open(); } }
export class LockGate implements Door {
  position: Position = new Closed();
  press(): void { this.position.press(this); }
}
