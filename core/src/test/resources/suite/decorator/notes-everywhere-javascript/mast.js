var lamps = require(/* beside */ './lamp');

var mast = [new lamps.Shade(/* over */ new lamps.Lamp(/* watts */ 10))];
console.log(mast.map(/* each */ function (lamp) { return lamp.shine(); }));
