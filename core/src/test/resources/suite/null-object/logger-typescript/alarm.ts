export interface Alarm {
  ring(): void;
  silence(): void;
}

export class Horn implements Alarm {
  private on = false;
  ring(): void { this.on = true; }
  silence(): void { this.on = false; }
}

export class NoAlarm implements Alarm {
  ring(): void {}
  silence(): void {}
}
