export class Radio {
  constructor(channel) { this.channel = channel; this.sent = 0; }
  say(text) { this.sent += 1; return `[${this.channel}] ${text}`; }
  close() { this.channel = 0; }
}

export class Ferry {
  constructor(name, radio) {
    this.name = name;
    this.radio = radio;
    this.log = [];
  }
  depart() {
    if (this.radio) {
      this.log.push(this.radio.say(`${this.name} departs`));
    }
    this.log.push('lines off');
  }
  arrive() {
    if (this.radio !== null && this.radio !== undefined) {
      this.log.push(this.radio.say(`${this.name} arrives`));
    }
  }
  layUp() {
    if (!this.radio) return;
    this.radio.close();
  }
}
