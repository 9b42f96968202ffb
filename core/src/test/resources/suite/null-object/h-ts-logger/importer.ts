import { Logger, noLogger } from './logger';

export class Importer {
  constructor(private readonly logger: Logger = noLogger) {}
  load(rows: string[]): number {
    let bad = 0;
    for (const row of rows) {
      if (row === '') {
        bad++;
        if (this.logger !== null) {
          this.logger.warn('empty row');
        }
      }
    }
    this.logger.info(`${rows.length} rows`);
    return bad;
  }
}
