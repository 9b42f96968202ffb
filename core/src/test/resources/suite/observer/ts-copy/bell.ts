export class Bell {
  private handlers: Array<(why: string) => void> = [];
  onRing(handler: (why: string) => void): () => void {
    this.handlers.push(handler);
    return () => { this.handlers = this.handlers.filter(h => h !== handler); };
  }
  ring(why: string): void {
    const copy: Array<(why: string) => void> = [...this.handlers];
    for (const handler of copy) handler(why);
  }
}
