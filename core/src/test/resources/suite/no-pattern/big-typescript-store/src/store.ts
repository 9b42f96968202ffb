export type Unsubscribe = () => void;
export type Listener<S> = (state: S) => void;
export interface Action { type: string; payload?: unknown }
export type Reducer<S> = (state: S, action: Action) => S;

export class Store<S> {
  private listeners: Listener<S>[] = [];
  constructor(private state: S, private readonly reducer: Reducer<S>) {}
  get snapshot(): S { return this.state; }
  dispatch(action: Action): void {
    this.state = this.reducer(this.state, action);
    this.listeners.slice().forEach((listener) => listener(this.state));
  }
  subscribe(listener: Listener<S>): Unsubscribe {
    this.listeners.push(listener);
    return () => { this.listeners = this.listeners.filter((l) => l !== listener); };
  }
}
