import { Glider, Jet, Tower } from './tower.js';

const tower = new Tower();
const glider = new Glider();
const jet = new Jet();
tower.register(glider);
tower.register(jet);
jet.approach();
