import { IconCache } from './icons';

export class Toolbar {
  constructor(private readonly cache: IconCache) {}

  paint(names: string[]): string[] {
    return names.map((name, index) => this.cache.icon(name).draw(index * 16, 0));
  }
}
