export type Action =
  | { type: 'arrive'; ship: string }
  | { type: 'depart'; ship: string }
  | { type: 'clear' };

export interface PortState {
  readonly ships: readonly string[];
  readonly arrivals: number;
}

export type Reducer<S, A> = (state: S, action: A) => S;

export const initial: PortState = { ships: [], arrivals: 0 };

export const port: Reducer<PortState, Action> = (state, action) => {
  switch (action.type) {
    case 'arrive':
      return { ships: [...state.ships, action.ship], arrivals: state.arrivals + 1 };
    case 'depart':
      return { ...state, ships: state.ships.filter(ship => ship !== action.ship) };
    case 'clear':
      return initial;
  }
};

export class Store<S, A> {
  private readonly listeners = new Set<(state: S) => void>();

  constructor(private state: S, private readonly reducer: Reducer<S, A>) {}

  dispatch(action: A): void {
    const next = this.reducer(this.state, action);
    if (next === this.state) return;
    this.state = next;
    this.listeners.forEach(listener => listener(next));
  }

  subscribe(listener: (state: S) => void): () => void {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  }

  get current(): S {
    return this.state;
  }
}
