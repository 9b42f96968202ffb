import { Store, type Middleware, type Reducer } from './store';

export interface Line { readonly sku: string; readonly count: number }
export interface Cart { readonly lines: readonly Line[]; readonly note?: string }
export type CartAction =
  | { type: 'add'; sku: string }
  | { type: 'remove'; sku: string }
  | { type: 'note'; text: string };

export const cart: Reducer<Cart, CartAction> = (state, action) => {
  switch (action.type) {
    case 'add': return { ...state, lines: [...state.lines, { sku: action.sku, count: 1 }] };
    case 'remove': return { ...state, lines: state.lines.filter(line => line.sku !== action.sku) };
    case 'note': return { ...state, note: action.text };
    default: return state;
  }
};

const log: Middleware<Cart, CartAction> = store => next => action => {
  console.log(action.type, store.current.lines.length);
  next(action);
};

export function open(): Store<Cart, CartAction> {
  return new Store(cart, { lines: [] }, [log]);
}
