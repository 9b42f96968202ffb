import { RadioRoom, ShoreStation, Station } from './room.js';
import { LengthFilter, WordFilter } from './filters.js';

const room = new RadioRoom();
const sirena = new Station('Sirena', room);
new ShoreStation('Aldera', room);
const filter = new LengthFilter(new WordFilter(['mayday'], null));
const text = 'coming in';
if (filter.check(text)) {
  sirena.call(text);
}
