class Horn {
  constructor() {
    this.listeners = { short: [], long: [] };
  }

  on(signal, listener) {
    this.listeners[signal].push(listener);
  }

  off(signal, listener) {
    this.listeners[signal] = this.listeners[signal].filter((one) => one !== listener);
  }

  blow() {
    for (const listener of this.listeners.short) {
      listener('short');
    }
  }

  blast() {
    for (const listener of this.listeners.long) {
      listener('long');
    }
  }
}

const horn = new Horn();
horn.on('short', (what) => console.log('heard', what));
horn.on('long', (what) => console.log('fog', what));
horn.blow();
