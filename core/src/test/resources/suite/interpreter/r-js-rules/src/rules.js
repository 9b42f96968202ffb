class Rule {
  matches(facts) { throw new Error('not implemented'); }
}

class Has extends Rule {
  constructor(key) { super(); this.key = key; }
  matches(facts) { return this.key in facts; }
}

class Above extends Rule {
  constructor(key, least) { super(); this.key = key; this.least = least; }
  matches(facts) { return Number(facts[this.key]) > this.least; }
}

class Every extends Rule {
  constructor(...rules) { super(); this.rules = rules; }
  matches(facts) { return this.rules.every(rule => rule.matches(facts)); }
}

class Not extends Rule {
  constructor(rule) { super(); this.rule = rule; }
  matches(facts) { return !this.rule.matches(facts); }
}

module.exports = { Rule, Has, Above, Every, Not };
