class HelmPosition {
  constructor(angle, speed) {
    this.angle = angle;
    this.speed = speed;
  }
}

export class Helm {
  #angle = 0;
  #speed = 0;
  #trips = 0;

  steer(by) {
    this.#angle += by;
    this.#trips++;
  }

  faster(by) {
    this.#speed += by;
  }

  save() {
    return new HelmPosition(this.#angle, this.#speed);
  }

  restore(position) {
    this.#angle = position.angle;
    this.#speed = position.speed;
  }
}
