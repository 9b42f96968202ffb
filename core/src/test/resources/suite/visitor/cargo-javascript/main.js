import { Crate, Barrel, Hold } from './cargo.js';
import { Weigh, Label } from './visitors.js';

const hold = new Hold([new Crate(20), new Barrel(100)]);
console.log(hold.accept(new Weigh()), hold.accept(new Label()));
