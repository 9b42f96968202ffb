import { ControlTower } from './tower';

export class Pilot {
  land(): void {
    ControlTower.shared.clear('27L');
  }
}
