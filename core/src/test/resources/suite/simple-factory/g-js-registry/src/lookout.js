import { signal } from './locker.js';
import { Lamp } from './signals.js';

export class Lookout {
  warn(kind) {
    return signal(kind).send();
  }
  night() {
    return new Lamp().send();
  }
}
