const registry = require('./registry');
require('./cargo');
const { History, Load, Unload, Hold } = require('./history');

const hold = new Hold();
const history = new History();
const grain = registry.make('grain', 40);
history.run(new Load(hold, grain));
history.run(new Load(hold, registry.make('timber', 12)));
history.run(new Unload(hold, grain));
history.undo();
