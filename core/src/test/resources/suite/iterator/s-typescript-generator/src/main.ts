import { SortedMap } from './tree';

const map = new SortedMap<number>().set('b', 2).set('a', 1);
for (const [key, value] of map) console.log(key, value);
