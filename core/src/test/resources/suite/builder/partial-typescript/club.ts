import { Hike, HikeBuilder } from './hike';

export const weekend = (): Hike => new HikeBuilder().named('ridge').climbing(900).sleepingAt('Alm').build();
