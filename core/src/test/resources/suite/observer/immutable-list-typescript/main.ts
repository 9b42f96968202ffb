import { StockStore } from './store';

const store = new StockStore();
const leave = store.subscribe((stock) => console.log(stock.crates));
store.subscribe(({ barrels }) => console.log(barrels));
store.arrived(3, 4);
leave();
