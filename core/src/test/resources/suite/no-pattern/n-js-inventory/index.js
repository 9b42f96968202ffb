'use strict';
const { Inventory } = require('./lib/events');
const { FileStore, MemoryStore, RetryingStore } = require('./lib/stores');
const { Reorder } = require('./lib/reorder');

async function main() {
  const store = new RetryingStore(process.env.TEST ? new MemoryStore() : new FileStore('stock.json'));
  const inventory = new Inventory();
  inventory.on('changed', (item, count) => console.log(item, count));
  new Reorder(inventory, { send: (to, text) => console.log(to, text) });
  for (const { item, count } of await store.load()) inventory.put(item, count);
  inventory.take('rope', 12);
  await store.save([...inventory]);
}

main();
