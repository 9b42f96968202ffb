type Handler = (payload: unknown) => void;

export class Bus {
  private readonly handlers = new Map<string, Handler[]>();

  on(topic: string, handler: Handler): void {
    const known = this.handlers.get(topic) ?? [];
    known.push(handler);
    this.handlers.set(topic, known);
  }

  off(topic: string, handler: Handler): void {
    const known = this.handlers.get(topic);
    if (known) {
      this.handlers.set(topic, known.filter((one) => one !== handler));
    }
  }

  emit(topic: string, payload: unknown): void {
    for (const handler of this.handlers.get(topic) ?? []) {
      handler(payload);
    }
  }
}
