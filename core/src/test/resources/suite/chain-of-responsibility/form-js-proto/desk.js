function Desk(next) { this.next = next; }
Desk.prototype.answer = function (question) {
  if (this.next) return this.next.answer(question);
  return null;
};
function Tides(next) { Desk.call(this, next); }
Tides.prototype = Object.create(Desk.prototype);
Tides.prototype.answer = function (question) {
  if (question === "tide") return "low";
  return Desk.prototype.answer.call(this, question);
};
function Berths(next) { Desk.call(this, next); }
Berths.prototype = Object.create(Desk.prototype);
Berths.prototype.answer = function (question) {
  if (question === "berth") return "nine";
  return Desk.prototype.answer.call(this, question);
};
module.exports = { Tides, Berths };
