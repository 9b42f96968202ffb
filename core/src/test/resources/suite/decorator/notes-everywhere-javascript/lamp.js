function Lamp(/* watts */ power) { // a plain one
  this.power = /* as bought */ power;
}
Lamp.prototype.shine = /* how bright */ function () {
  return this.power;
};

function Shade(/* what is under it */ inner) {
  this.inner = /* kept */ inner;
}
Shade.prototype = /* looks the same */ Object.create(/* from */ Lamp.prototype /* on */);
Shade.prototype.constructor = /* again */ Shade;
Shade.prototype.shine = function () {
  return /* half of */ this.inner.shine() / 2;
};

module.exports = { Lamp: Lamp, /* and */ Shade: Shade };
