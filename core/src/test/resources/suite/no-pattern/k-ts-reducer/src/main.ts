import { initial, port, Store } from './store';

const store = new Store(initial, port);
const stop = store.subscribe(state => console.log(state.ships.length));
store.dispatch({ type: 'arrive', ship: 'Meridian' });
stop();
