type Listener<T> = (state: T) => void;

export class Store<T> {
  private listeners = new Set<Listener<T>>();

  constructor(private state: T) {}

  subscribe(listener: Listener<T>): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  set(state: T): void {
    this.state = state;
    this.listeners.forEach((listener) => listener(state));
  }
}
