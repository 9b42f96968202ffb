export abstract class Importer {
  run(path: string): number {
    const rows = this.read(path);
    return rows.filter(row => this.check(row)).length;
  }
  protected abstract read(path: string): string[];
  protected check(row: string): boolean { return row.length > 0; }
}
export class CsvImporter extends Importer {
  protected read(path: string): string[] { return path.split(","); }
  protected check(row: string): boolean { return row !== "x"; }
}
