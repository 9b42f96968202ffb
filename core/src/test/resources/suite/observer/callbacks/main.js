import { tideClock } from './clock.js';

const clock = tideClock();
const stop = clock.onTurn((rising) => console.log(rising ? 'flood' : 'ebb'));
clock.onTurn((_, metres) => console.log(metres.toFixed(1)));
clock.tick(2.1);
stop();
clock.tick(1.9);
