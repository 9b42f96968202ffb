import { Berth, type Slot } from './berths';
import * as paint from './paint';

export type Listener = (slot: Slot) => void;

export interface Screen {
  readonly name: string;
  show(rows: string[]): void;
  clear?(): void;
}

export abstract class Board {
  private readonly listeners = new Set<Listener>();
  protected screen?: Screen;
  #shown = 0;

  constructor(protected readonly berths: Berth[], private painter: paint.Painter = new paint.PlainPainter()) {}

  on(listener: Listener): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  attach(screen: Screen): void {
    this.screen = screen;
  }

  refresh(): void {
    const rows = this.berths.map((berth) => this.painter.row(berth));
    this.screen?.show(rows);
    this.#shown += 1;
    for (const berth of this.berths) {
      for (const listener of this.listeners) {
        listener(berth.current());
      }
    }
  }

  get shown(): number {
    return this.#shown;
  }

  abstract title(): string;
}

export class QuayBoard extends Board {
  title(): string {
    return 'Quay';
  }
}

/** Has all that a screen needs without saying so. */
export class TerminalScreen {
  readonly name = 'terminal';

  show(rows: string[]): void {
    rows.forEach((row) => console.log(row));
  }
}

const board = new QuayBoard([new Berth('A1')]);
board.attach(new TerminalScreen());
board.attach({
  name: 'paper',
  show(rows) {
    console.log(rows.length);
  },
});
board.on((slot) => console.log(slot.from));
board.refresh();
