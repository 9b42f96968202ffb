const { Plan, Log } = require("./plan");
class Desk {
  constructor() { this.plan = new Plan(); this.log = new Log(this.plan); }
  move(to) { this.log.note(); this.plan.move(to); }
  undo() { this.log.undo(); }
}
module.exports = Desk;
