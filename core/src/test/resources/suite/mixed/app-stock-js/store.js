const listeners = new Set();
let state = { items: [], filter: '' };

function reduce(current, action) {
  switch (action.type) {
    case 'add':
      return { ...current, items: [...current.items, action.item] };
    case 'remove':
      return { ...current, items: current.items.filter((item) => item.id !== action.id) };
    case 'filter':
      return { ...current, filter: action.text };
    default:
      return current;
  }
}

export function dispatch(action) {
  state = reduce(state, action);
  listeners.forEach((listener) => listener(state));
}

export function subscribe(listener) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const getState = () => state;
