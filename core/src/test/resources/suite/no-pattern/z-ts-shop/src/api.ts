import { Article } from "./cart";
import { Money } from "./money";

interface ArticleDto { id: string; title: string; cents: number }

export class ArticleApi {
  private cache: Article[] | undefined;

  constructor(private readonly base: string, private readonly fetcher: typeof fetch = fetch) {}

  async all(): Promise<Article[]> {
    if (!this.cache) {
      const response = await this.fetcher(`${this.base}/articles`);
      if (!response.ok) throw new Error(`articles: ${response.status}`);
      const dtos = (await response.json()) as ArticleDto[];
      this.cache = dtos.map((dto) => this.toArticle(dto));
    }
    return this.cache;
  }

  private toArticle(dto: ArticleDto): Article {
    return { id: dto.id, title: dto.title, price: new Money(dto.cents) };
  }
}
