import { HikePlan, Hike } from './hike';

export function sunday(): Hike {
  return new HikePlan().named('ridge').climbing(900).sleepingAt('Alm').plan();
}
