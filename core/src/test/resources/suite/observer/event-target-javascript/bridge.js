import { SignalLamp } from './lamp.js';

class LockGate {
  constructor(lamp) {
    this.open = false;
    lamp.addEventListener('changed', (event) => this.obey(event.detail));
  }

  obey(colour) {
    this.open = colour === 'green';
  }
}

class Log {
  lines = [];

  follow(lamp) {
    lamp.addEventListener('changed', ({ detail }) => this.lines.push(detail));
  }
}

const lamp = new SignalLamp();
const gate = new LockGate(lamp);
const log = new Log();
log.follow(lamp);
lamp.set('green');
console.log(gate.open, log.lines);
