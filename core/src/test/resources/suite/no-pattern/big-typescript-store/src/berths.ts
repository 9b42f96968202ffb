import { Action, Store } from './store';
export interface BerthState { free: string[]; taken: Record<string, string> }
export function berths(state: BerthState, action: Action): BerthState {
  switch (action.type) {
    case 'take': {
      const { berth, ship } = action.payload as { berth: string; ship: string };
      return { free: state.free.filter((b) => b !== berth), taken: { ...state.taken, [berth]: ship } };
    }
    case 'leave': {
      const berth = action.payload as string;
      const { [berth]: _, ...taken } = state.taken;
      return { free: [...state.free, berth], taken };
    }
    default:
      return state;
  }
}
export const take = (berth: string, ship: string): Action => ({ type: 'take', payload: { berth, ship } });
export const leave = (berth: string): Action => ({ type: 'leave', payload: berth });
export function createBerthStore(): Store<BerthState> {
  return new Store<BerthState>({ free: ['A1', 'A2'], taken: {} }, berths);
}
