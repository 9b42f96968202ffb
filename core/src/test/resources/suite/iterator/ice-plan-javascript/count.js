import { ColdStore } from './cold-store.js';

const store = new ColdStore();
store.put('B', { fish: 'hake', kilos: 20 });
store.put('A', { fish: 'sole', kilos: 8 });

let kilos = 0;
const walk = store.crates();
while (walk.more()) {
  kilos += walk.take().kilos;
}
console.log(kilos);
