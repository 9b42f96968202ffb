import { drying, Herb, HerbVisitor, naming } from './herbs';

export class Loft {
  private readonly herbs: Herb[] = [];

  hang(herb: Herb): void {
    this.herbs.push(herb);
  }

  days(): number {
    return this.each(drying).reduce((most, days) => Math.max(most, days), 0);
  }

  labels(): string[] {
    return this.each(naming);
  }

  private each<R>(visitor: HerbVisitor<R>): R[] {
    return this.herbs.map((herb) => herb.accept(visitor));
  }
}
