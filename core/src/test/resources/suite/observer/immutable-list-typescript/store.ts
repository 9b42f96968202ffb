type Listener = (state: Readonly<Stock>) => void;

interface Stock { crates: number; barrels: number }

export class StockStore {
  private listeners: Listener[] = [];
  private state: Stock = { crates: 0, barrels: 0 };

  subscribe(listener: Listener): () => void {
    this.listeners = [...this.listeners, listener];
    return () => {
      this.listeners = this.listeners.filter((one) => one !== listener);
    };
  }

  arrived(crates: number, barrels: number): void {
    this.state = { crates: this.state.crates + crates, barrels: this.state.barrels + barrels };
    this.listeners.forEach((listener) => listener(this.state));
  }
}
