class Closed {
  coin(turnstile) { turnstile.become(new Open()); return 'welcome'; }
  push() { return 'pay first'; }
}

class Open {
  coin() { return 'thank you'; }
  push(turnstile) { turnstile.become(new Closed()); return 'go'; }
}

class Turnstile {
  #mode = new Closed();
  become(mode) { this.#mode = mode; }
  coin() { return this.#mode.coin(this); }
  push() { return this.#mode.push(this); }
}

module.exports = { Turnstile };
