import { Folder, Page, TreeVisitor } from "./tree";

export class WordCount implements TreeVisitor<number> {
  folder(folder: Folder): number {
    let sum = 0;
    for (const item of folder) {
      sum += item.accept(this);
    }
    return sum;
  }

  page(page: Page): number {
    return page.words;
  }
}

export class Outline implements TreeVisitor<string> {
  folder(folder: Folder): string {
    return "[" + [...folder].map((item) => item.accept(this)).join() + "]";
  }

  page(): string {
    return "p";
  }
}
