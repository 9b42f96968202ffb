const { Kiln } = require('./kiln');
const { Display, Cutout } = require('./watchers');

const kiln = new Kiln();
const display = new Display(kiln);
const cutout = new Cutout(kiln);
kiln.heat(600);
console.log(display.text, cutout.tripped);
