export interface Page {
  items: string[];
  next?: string;
}

export class Archive {
  constructor(private readonly load: (url: string) => Promise<Page>) {}

  async *[Symbol.asyncIterator](): AsyncGenerator<string> {
    let url: string | undefined = '/pages/1';
    while (url) {
      const page: Page = await this.load(url);
      yield* page.items;
      url = page.next;
    }
  }
}

export async function count(archive: Archive): Promise<number> {
  let sum = 0;
  for await (const _ of archive) sum += 1;
  return sum;
}
