export interface Mark {
  readonly name: string;
  accept<R>(visitor: MarkVisitor<R>): R;
}

export interface MarkVisitor<R> {
  buoy(mark: Buoy): R;
  wreck(mark: Wreck): R;
  group(mark: Group): R;
}

export class Buoy implements Mark {
  constructor(readonly name: string, readonly colour: string) {}
  accept<R>(visitor: MarkVisitor<R>): R {
    return visitor.buoy(this);
  }
}

export class Wreck implements Mark {
  constructor(readonly name: string, readonly depth: number) {}
  accept<R>(visitor: MarkVisitor<R>): R {
    return visitor.wreck(this);
  }
}

export class Group implements Mark {
  private readonly marks: Mark[] = [];
  constructor(readonly name: string) {}
  add(mark: Mark): this {
    this.marks.push(mark);
    return this;
  }
  *[Symbol.iterator](): IterableIterator<Mark> {
    yield* this.marks;
  }
  accept<R>(visitor: MarkVisitor<R>): R {
    return visitor.group(this);
  }
}

export class Shallowest implements MarkVisitor<number> {
  buoy(): number {
    return Infinity;
  }
  wreck(mark: Wreck): number {
    return mark.depth;
  }
  group(mark: Group): number {
    let least = Infinity;
    for (const each of mark) {
      least = Math.min(least, each.accept(this));
    }
    return least;
  }
}

export class Legend implements MarkVisitor<string> {
  buoy(mark: Buoy): string {
    return `${mark.name} (${mark.colour})`;
  }
  wreck(mark: Wreck): string {
    return `${mark.name} at ${mark.depth} m`;
  }
  group(mark: Group): string {
    return [...mark].map((each) => each.accept(this)).join('; ');
  }
}
