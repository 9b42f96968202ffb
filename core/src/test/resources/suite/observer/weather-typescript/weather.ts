export type Listener<T> = (value: T) => void;

export class Topic<T> {
  private readonly listeners = new Set<Listener<T>>();

  subscribe(listener: Listener<T>): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  protected emit(value: T): void {
    for (const listener of [...this.listeners]) {
      listener(value);
    }
  }
}

export class WindVane extends Topic<number> {
  private degrees = 0;
  turn(degrees: number): void {
    this.degrees = degrees;
    this.emit(degrees);
  }
}
