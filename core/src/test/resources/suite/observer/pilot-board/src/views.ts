import { ArrivalBoard, BoardView } from "./board";

export class HallScreen implements BoardView {
  private lines: string[] = [];
  show(ship: string, eta: Date) { this.lines.push(`${ship} ${eta.toISOString()}`); }
}
export class PilotPager implements BoardView {
  constructor(private readonly number: string) {}
  show(ship: string, eta: Date) { if (ship.startsWith("P")) console.log(this.number, eta); }
}
export function wire(board: ArrivalBoard) {
  board.watch(new HallScreen());
  return board.watch(new PilotPager("17"));
}
