import { BerthState, createBerthStore, leave, take } from './berths';
import { Store } from './store';
export class FreeList {
  text = '';
  private readonly stop: () => void;
  constructor(store: Store<BerthState>) { this.stop = store.subscribe((s) => { this.text = s.free.join(); }); }
  close(): void { this.stop(); }
}
export class Counter {
  taken = 0;
  constructor(store: Store<BerthState>) { store.subscribe((s) => { this.taken = Object.keys(s.taken).length; }); }
}
const store = createBerthStore();
const list = new FreeList(store);
new Counter(store);
store.dispatch(take('A1', 'Gaviota'));
store.dispatch(leave('A1'));
list.close();
