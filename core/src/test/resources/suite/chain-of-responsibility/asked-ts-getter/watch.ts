export abstract class Watch {
  protected abstract get next(): Watch | undefined;
  protected abstract attempt(fault: number): string | undefined;
  handle(fault: number): string | undefined { return this.attempt(fault) ?? this.next?.handle(fault); }
}
export class Sluice extends Watch {
  constructor(protected readonly next: Watch | undefined) { super(); }
  protected attempt(fault: number) { return fault < 3 ? "sluice" : undefined; }
}
export class Gatehouse extends Watch {
  constructor(protected readonly next: Watch | undefined) { super(); }
  protected attempt(fault: number) { return fault < 7 ? "gatehouse" : undefined; }
}
export const report = (fault: number) => new Sluice(new Gatehouse(undefined)).handle(fault);
