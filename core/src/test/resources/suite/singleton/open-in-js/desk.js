const { getStore } = require('./store');
class Desk { assign(ship) { getStore().take('A1', ship); } }
module.exports = Desk;
