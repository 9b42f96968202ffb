import { Kitchen, LiveMeter } from './meter';

new Kitchen(new LiveMeter()).cook('soup');
new Kitchen().cook('tea');
