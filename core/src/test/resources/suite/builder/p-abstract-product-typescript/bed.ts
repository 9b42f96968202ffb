import { AlarmBuilder } from './alarm';

export class Bed {
  weekday(): string {
    return new AlarmBuilder().at(6).on('mon').build().ring();
  }
}
