export class Signal {
  send() {
    throw new Error('abstract');
  }
}

export class Flare extends Signal {
  send() {
    return 'red light';
  }
}

export class Whistle extends Signal {
  constructor(seconds = 2) {
    super();
    this.seconds = seconds;
  }
  send() {
    return 'tweet '.repeat(this.seconds);
  }
}

export class Lamp extends Signal {
  send() {
    return '... --- ...';
  }
}
