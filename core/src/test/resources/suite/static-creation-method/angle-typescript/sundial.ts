import { Angle } from './angle';

export class Sundial {
  shadow(hour: number): number {
    return Angle.degrees(hour * 15).plus(Angle.degrees(5)).sine();
  }
}
