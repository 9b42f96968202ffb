class Round {
  open() {}
  check() { throw new Error('check is missing'); }
}
Round.prototype.walk = function () { this.open(); this.check(); };
class Night extends Round { check() { console.log('dark'); } }
class Day extends Round { open() { console.log('cap'); } check() { console.log('light'); } }
Object.assign(Day.prototype, { close() { console.log('done'); } });
module.exports = { Night, Day };
