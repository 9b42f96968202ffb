export interface Printer { print(text: string): boolean; }
export class OldPrinter { private count = 0; spool(lines: string[]): number { this.count += lines.length; return this.count; } }
export class OldPrinterAdapter implements Printer {
  constructor(private old: OldPrinter) {}
  print(text: string): boolean { return this.old.spool(text.split("\n")) > 0; }
}
export class Desk {
  note(printer: Printer): boolean { return printer.print("calm"); }
}
