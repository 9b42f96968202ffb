import { Alarm, Horn, NoAlarm } from './alarm';

export class Watch {
  constructor(private readonly alarm: Alarm = new NoAlarm()) {}

  spot(): void {
    this.alarm.ring();
  }
}

new Watch(new Horn()).spot();
new Watch().spot();
