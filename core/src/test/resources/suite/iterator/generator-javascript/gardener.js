const Hedge = require('./hedge');

function trim(hedge) {
  let cuts = 0;
  for (const name of hedge.tallerThan(180)) {
    console.log(`cut ${name}`);
    cuts++;
  }
  return cuts;
}

module.exports = { trim, fresh: () => new Hedge() };
