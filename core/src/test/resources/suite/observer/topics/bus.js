export class PortBus {
  #topics = new Map();

  on(topic, handler) {
    if (!this.#topics.has(topic)) this.#topics.set(topic, new Set());
    this.#topics.get(topic).add(handler);
  }

  off(topic, handler) {
    this.#topics.get(topic)?.delete(handler);
  }

  emit(topic, payload) {
    for (const handler of this.#topics.get(topic) ?? []) {
      handler(payload);
    }
  }
}
