import { measureOrder, OrderBook, startOrder } from './orders';
import { pumpFor } from './pumps';

const pump = pumpFor('mate');
const book = new OrderBook();
book.add(startOrder(pump));
book.add(measureOrder(pump, 12, (litres) => console.log(litres)));
book.work();
