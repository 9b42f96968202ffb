export type Reducer<S, A> = (state: S, action: A) => S;
export type Unsubscribe = () => void;
export type Middleware<S, A> = (store: Store<S, A>) => (next: (action: A) => void) => (action: A) => void;

export class Store<S, A extends { type: string }> {
  private readonly subscribers = new Set<(state: S) => void>();
  private dispatching = false;
  private readonly chain: (action: A) => void;

  constructor(private reducer: Reducer<S, A>, private state: S, middlewares: Middleware<S, A>[] = []) {
    this.chain = middlewares
      .map(middleware => middleware(this))
      .reduceRight<(action: A) => void>((next, wrap) => wrap(next), action => this.reduce(action));
  }

  get current(): S {
    return this.state;
  }

  subscribe(subscriber: (state: S) => void): Unsubscribe {
    this.subscribers.add(subscriber);
    return () => {
      this.subscribers.delete(subscriber);
    };
  }

  dispatch(action: A): void {
    this.chain(action);
  }

  replaceReducer(reducer: Reducer<S, A>): void {
    this.reducer = reducer;
  }

  private reduce(action: A): void {
    if (this.dispatching) throw new Error('reducers may not dispatch');
    this.dispatching = true;
    try {
      this.state = this.reducer(this.state, action);
    } finally {
      this.dispatching = false;
    }
    for (const tell of [...this.subscribers]) tell(this.state);
  }
}
