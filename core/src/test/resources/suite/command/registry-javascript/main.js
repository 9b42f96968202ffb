import { Console } from './console.js';
import { OpenGate, SoundHorn } from './commands.js';

class Gate {
  open() { this.ajar = true; }
  close() { this.ajar = false; }
}

class Horn {
  blow(seconds) { this.last = seconds; }
}

const console_ = new Console();
console_.register('gate', new OpenGate(new Gate()));
console_.register('horn', new SoundHorn(new Horn()));
console_.run('gate');
console_.undo();
