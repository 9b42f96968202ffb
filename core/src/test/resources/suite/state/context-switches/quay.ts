import { Crossing } from './crossing';
const crossing = new Crossing();
for (let i = 0; i < 100; i++) console.log(crossing.tick(4));
