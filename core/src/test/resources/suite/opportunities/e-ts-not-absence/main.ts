import { ByFlag, LengthFilter, Search } from './search';
console.log(new Search(new LengthFilter(5)).run(['Ajax']), new Search(new ByFlag('NL')).run([]), new Search().run([]));
