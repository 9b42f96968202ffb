import { emit } from "./bus.js";

export class Ship {
  constructor(sprite) {
    this.sprite = sprite;
    this.x = 0;
    this.lives = 3;
  }

  move(by) {
    this.x = Math.max(0, this.x + by);
  }

  collide() {
    this.lives -= 1;
    if (this.lives === 0) emit("over");
  }

  shoot(target) {
    if (target.x === this.x) emit("hit", 10);
  }

  draw(context) {
    this.sprite.draw(context, this.x, 200);
  }
}
