import { charts } from './charts.js';

const source = charts(true);
console.log(source.names(), source.load('bay'));
