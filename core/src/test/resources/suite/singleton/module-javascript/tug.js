const log = require('./harbourLog');

exports.tow = (ship) => log.write(`towed ${ship}`);
