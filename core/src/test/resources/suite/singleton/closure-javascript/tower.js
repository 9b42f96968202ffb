const Tower = (function () {
  let tower;
  let calls = 0;
  function build() {
    return {
      call() { calls += 1; },
      count() { return calls; }
    };
  }
  return {
    get() {
      if (!tower) {
        tower = build();
      }
      return tower;
    }
  };
})();
class Pilot {
  approach() { Tower.get().call(); }
}
module.exports = { Pilot };
