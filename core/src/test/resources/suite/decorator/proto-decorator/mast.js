var lamps = require('./lamp');

function Mast() {
  this.lights = [];
}
Mast.prototype.hoist = function (light) {
  this.lights.push(light);
};
Mast.prototype.night = function () {
  return this.lights.map(function (l) { return l.shine(); }).join(', ');
};

var mast = new Mast();
mast.hoist(new lamps.Filter(new lamps.Shade(new lamps.Lamp(40)), 'red'));
mast.hoist(new lamps.Lamp(10));
console.log(mast.night());
