import { Query } from './query';

export class Report {
  sql(): string {
    return new Query('ships').where('tons > 10').orderBy('name').limit(5).toSql();
  }
}
