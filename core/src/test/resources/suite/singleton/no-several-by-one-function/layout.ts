export interface Layout {
  columns: string[];
  width: number;
}

export function createLayout(columns: string[]): Layout {
  return { columns, width: columns.length * 8 };
}

export function widen(layout: Layout): void {
  layout.width += 8;
}
