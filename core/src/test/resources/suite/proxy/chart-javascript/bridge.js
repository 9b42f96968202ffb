import { openAll } from './chart.js';

const charts = openAll([12, 13, 14]);
console.log(charts[0].title(), charts[0].depthAt(4));
