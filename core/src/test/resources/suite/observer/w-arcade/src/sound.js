import { on } from "./bus.js";

export class Sound {
  constructor(player) {
    this.player = player;
    on("hit", () => this.player.play("pling"));
    on("over", () => this.player.play("fanfare"));
  }
}
