import { Helm } from './helm.js';

export class Watch {
  constructor() {
    this.helm = new Helm();
    this.saved = null;
  }

  before() {
    this.saved = this.helm.save();
  }

  calm() {
    if (this.saved && this.saved.speed > 10) {
      this.saved.speed = 10;
    }
    this.helm.restore(this.saved);
  }
}
