export type Handler = (text: string) => string;

export class Desk {
  private readonly handlers = new Map<string, Handler>();

  enter(topic: string, handler: Handler): void {
    this.handlers.set(topic, handler);
  }

  answer(topic: string, text: string): string {
    const handler = this.handlers.get(topic);
    return handler ? handler(text) : 'nobody knows';
  }
}
