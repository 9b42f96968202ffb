import { WatchList } from './list.js';

const list = new WatchList('Ines', 'Bo');
for (const walk = list.walk(); walk.hasNext();) {
  console.log(walk.next());
}
console.log(list.names.length);
