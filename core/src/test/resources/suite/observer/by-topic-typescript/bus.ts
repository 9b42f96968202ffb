export interface TopicListener { told(topic: string, text: string): void }

export class Bus {
  private byTopic = new Map<string, Set<TopicListener>>();

  join(topic: string, listener: TopicListener): void {
    let listeners = this.byTopic.get(topic);
    if (!listeners) {
      listeners = new Set();
      this.byTopic.set(topic, listeners);
    }
    listeners.add(listener);
  }

  leave(topic: string, listener: TopicListener): void {
    this.byTopic.get(topic)?.delete(listener);
  }

  tell(topic: string, text: string): void {
    this.byTopic.get(topic)?.forEach((listener) => listener.told(topic, text));
  }
}

export class Screen implements TopicListener {
  private last = '';
  told(topic: string, text: string) { this.last = topic + text; }
}

export class Archive implements TopicListener {
  private lines: string[] = [];
  told(_topic: string, text: string) { this.lines.push(text); }
}
