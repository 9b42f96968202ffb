export interface NoticeVisitor {
  storm(notice: StormNotice): void;
  closure(notice: ClosureNotice): void;
}
export abstract class Notice {
  constructor(readonly id: number) {}
  abstract accept(visitor: NoticeVisitor): void;
}
export class StormNotice extends Notice {
  constructor(id: number, readonly force: number) { super(id); }
  accept(visitor: NoticeVisitor) { visitor.storm(this); }
}
export class ClosureNotice extends Notice {
  constructor(id: number, readonly basin: string) { super(id); }
  accept(visitor: NoticeVisitor) { visitor.storm(this as unknown as StormNotice); }
}
export class Announcer implements NoticeVisitor {
  readonly said: string[] = [];
  storm(notice: StormNotice) { this.said.push(`storm ${notice.force}`); }
  closure(notice: ClosureNotice) { this.said.push(`closed ${notice.basin}`); }
}
export class Counter implements NoticeVisitor {
  storms = 0;
  closures = 0;
  storm() { this.storms++; }
  closure() { this.closures++; }
}
export function tell(all: Notice[], visitor: NoticeVisitor) { all.forEach(n => n.accept(visitor)); }
