'use strict';
// the pump we already had
function OldPump() {
  this.level = 0;
}
OldPump.prototype.setFlow = function (litresPerMinute, done) {
  this.level = litresPerMinute;
  done(null, this.level);
};
OldPump.prototype.readFlow = function () {
  return this.level;
};
module.exports = OldPump;
