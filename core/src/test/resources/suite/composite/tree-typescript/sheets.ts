export interface Sheet { print(indent: number): string; }
export class Page implements Sheet {
  constructor(private text: string) {}
  print(indent: number): string { return " ".repeat(indent) + this.text; }
}
export class Folder implements Sheet {
  private sheets: Sheet[] = [];
  file(sheet: Sheet): this { this.sheets.push(sheet); return this; }
  print(indent: number): string { return this.sheets.map(sheet => sheet.print(indent + 2)).join("\n"); }
}
export class Press {
  run(sheet: Sheet): string { return sheet.print(0); }
}
