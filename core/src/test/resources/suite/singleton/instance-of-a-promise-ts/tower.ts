import { portClock } from './clock';

export class Tower {
  strike(): number {
    portClock.shift(1);
    return portClock.now();
  }
}
