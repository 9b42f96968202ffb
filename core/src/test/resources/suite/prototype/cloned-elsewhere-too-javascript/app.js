import { Light, Mark } from './marks.js';
import { Route } from './routes.js';
import { doubled } from './chart.js';

export function start() {
  return doubled({ buoy: new Light(3, 4), mole: new Mark(1, 1), way: new Route(['a', 'b']) });
}
