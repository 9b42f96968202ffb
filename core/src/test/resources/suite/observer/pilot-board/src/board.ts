export interface BoardView { show(ship: string, eta: Date): void; }
export type Unsubscribe = () => void;

export class ArrivalBoard {
  #views = new Set<BoardView>();
  #etas = new Map<string, Date>();

  watch(view: BoardView): Unsubscribe {
    this.#views.add(view);
    return () => { this.#views.delete(view); };
  }

  report(ship: string, eta: Date): void {
    const known = this.#etas.get(ship);
    if (known && known.getTime() === eta.getTime()) return;
    this.#etas.set(ship, eta);
    for (const view of [...this.#views]) view.show(ship, eta);
  }
}
