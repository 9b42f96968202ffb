import { exportFor, ExportKind } from './exports';

export class Report {
  constructor(private readonly rows: string[][]) {}

  print(kind: ExportKind): string {
    return exportFor(kind).write(this.rows);
  }
}

console.log(new Report([['Oria', '120']]).print('csv'));
