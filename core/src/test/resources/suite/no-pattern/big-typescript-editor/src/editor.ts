import { Shape } from './shapes';

export interface Edit { apply(drawing: Drawing): void; revert(drawing: Drawing): void }

export class Drawing {
  private shapes: Shape[] = [];
  add(shape: Shape): void { this.shapes.push(shape); }
  remove(shape: Shape): void { this.shapes = this.shapes.filter((one) => one !== shape); }
  replace(old: Shape, next: Shape): void { this.shapes = this.shapes.map((one) => (one === old ? next : one)); }
  get size(): number { return this.shapes.length; }
}

export class AddShape implements Edit {
  constructor(private readonly shape: Shape) {}
  apply(drawing: Drawing): void { drawing.add(this.shape); }
  revert(drawing: Drawing): void { drawing.remove(this.shape); }
}

export class MoveShape implements Edit {
  private readonly after: Shape;
  constructor(private readonly before: Shape, dx: number, dy: number) { this.after = before.moved(dx, dy); }
  apply(drawing: Drawing): void { drawing.replace(this.before, this.after); }
  revert(drawing: Drawing): void { drawing.replace(this.after, this.before); }
}

export class Editor {
  private readonly done: Edit[] = [];
  private readonly undone: Edit[] = [];
  constructor(private readonly drawing: Drawing) {}
  perform(edit: Edit): void {
    edit.apply(this.drawing);
    this.done.push(edit);
    this.undone.length = 0;
  }
  undo(): void {
    const edit = this.done.pop();
    if (edit) { edit.revert(this.drawing); this.undone.push(edit); }
  }
  redo(): void {
    const edit = this.undone.pop();
    if (edit) { edit.apply(this.drawing); this.done.push(edit); }
  }
}
