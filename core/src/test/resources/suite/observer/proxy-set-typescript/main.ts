import { Store } from './store';

const level = new Store(3);
const leave = level.subscribe((value) => console.log(value));
level.subscribe((value) => console.warn(value > 4));
level.set(4.2);
leave();
