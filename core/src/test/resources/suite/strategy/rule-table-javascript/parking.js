const rules = {
  hourly: (minutes) => Math.ceil(minutes / 60) * 2.5,
  daily: () => 18,
  evening(minutes) {
    return minutes > 30 ? 4 : 0;
  },
};

class Ticket {
  constructor(rule) {
    this.rule = rule;
  }

  price(minutes) {
    return this.rule(minutes);
  }
}

exports.Ticket = Ticket;
exports.issue = (kind) => new Ticket(rules[kind]);
