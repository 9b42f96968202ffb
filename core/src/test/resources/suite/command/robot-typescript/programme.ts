import { Arm } from './arm';
import { Grab, Lift, Move } from './moves';

export class Programme {
  private readonly moves: Move[] = [];
  private readonly done: Move[] = [];

  add(move: Move): void {
    this.moves.push(move);
  }

  step(): void {
    const move = this.moves.shift();
    if (move) {
      move.run();
      this.done.push(move);
    }
  }

  undo(): void {
    this.done.pop()?.back();
  }
}

const arm = new Arm();
const programme = new Programme();
programme.add(new Lift(arm, 3));
programme.add(new Grab(arm));
programme.step();
