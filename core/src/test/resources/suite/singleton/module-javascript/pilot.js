const log = require('./harbourLog');

function board(ship) {
  log.write(`boarded ${ship}`);
}

module.exports = { board };
