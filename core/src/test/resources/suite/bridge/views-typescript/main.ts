import { CsvSource, FixedSource } from './data';
import { ListView, TableView } from './views';

console.log(new TableView(new CsvSource('x,1', 'one')).render());
console.log(new ListView(new FixedSource()).render());
