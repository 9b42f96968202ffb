export class Bus {
  #byTopic = {};

  join(topic, listener) {
    if (!this.#byTopic[topic]) {
      this.#byTopic[topic] = [];
    }
    this.#byTopic[topic].push(listener);
  }

  leave(topic, listener) {
    this.#byTopic[topic] = this.#byTopic[topic].filter((one) => one !== listener);
  }

  tell(topic, text) {
    this.#byTopic[topic].forEach((listener) => listener.told(topic, text));
  }
}

export class Screen {
  told(topic, text) { this.last = topic + text; }
}

export class Archive {
  lines = [];
  told(topic, text) { this.lines.push(text); }
}
