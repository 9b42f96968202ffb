import { Report } from './report';
export class Office {
  constructor(private readonly reports: readonly Report[]) {}
  morning(): string[] {
    return this.reports.map(report => report.publish(new Date()));
  }
}
