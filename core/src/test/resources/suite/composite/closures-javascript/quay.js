import { Box, Container } from './load.js';

const outer = new Container().put(new Box(4)).put(new Container().put(new Box(5)));
console.log(outer.weight());
