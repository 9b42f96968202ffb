class Meter {
  sum(ring) {
    let total = 0;
    for (const value of ring) {
      total += value ?? 0;
    }
    return total;
  }
}

module.exports = { Meter };
