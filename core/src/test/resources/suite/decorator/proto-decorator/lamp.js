function Lamp(power) {
  this.power = power;
}
Lamp.prototype.shine = function () {
  return 'light ' + this.power;
};

function Shade(inner) {
  this.inner = inner;
}
Shade.prototype = Object.create(Lamp.prototype);
Shade.prototype.constructor = Shade;
Shade.prototype.shine = function () {
  return this.inner.shine() + ' shaded';
};

function Filter(inner, colour) {
  this.inner = inner;
  this.colour = colour;
}
Filter.prototype = Object.create(Lamp.prototype);
Filter.prototype.constructor = Filter;
Filter.prototype.shine = function () {
  return this.colour + ' ' + this.inner.shine();
};

module.exports = { Lamp: Lamp, Shade: Shade, Filter: Filter };
