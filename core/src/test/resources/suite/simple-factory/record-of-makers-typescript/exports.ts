export interface Export {
  write(rows: string[][]): string;
}

class CsvExport implements Export {
  write(rows: string[][]): string {
    return rows.map((row) => row.join(';')).join('\n');
  }
}

class TextExport implements Export {
  constructor(private readonly width: number) {}

  write(rows: string[][]): string {
    return rows.map((row) => row.map((cell) => cell.padEnd(this.width)).join('')).join('\n');
  }
}

export type ExportKind = 'csv' | 'text';

const makers: Record<ExportKind, () => Export> = {
  csv: () => new CsvExport(),
  text: () => new TextExport(12),
};

export function exportFor(kind: ExportKind): Export {
  return makers[kind]();
}
