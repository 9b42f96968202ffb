const ledger = (function () {
  let entries = [];
  let total = 0;

  function enter(what, amount) {
    entries.push({ what, amount });
    total += amount;
  }

  function balance() {
    return total;
  }

  return { enter, balance, size: () => entries.length };
})();

module.exports = ledger;
