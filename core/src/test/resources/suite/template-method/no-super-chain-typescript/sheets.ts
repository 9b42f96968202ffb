export class Sheet {
  protected lines: string[] = [];
  copy(source: Sheet): this { this.lines = [...source.lines]; return this; }
}
export class TideSheet extends Sheet {
  height = 0;
  copy(source: TideSheet): this { super.copy(source); this.height = source.height; return this; }
}
export class StormSheet extends TideSheet {
  wind = '';
  copy(source: StormSheet): this { super.copy(source); this.wind = source.wind; return this; }
}
export class Archive {
  keep(sheet: StormSheet): StormSheet { return new StormSheet().copy(sheet); }
}
