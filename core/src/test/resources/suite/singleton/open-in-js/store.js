let instance = null;
class BerthStore {
  constructor() { this.berths = {}; }
  take(name, ship) { this.berths[name] = ship; }
}
function getStore() {
  if (!instance) instance = new BerthStore();
  return instance;
}
module.exports = { getStore };
