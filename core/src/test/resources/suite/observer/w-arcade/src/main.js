import { SpriteSheet } from "./sprites.js";
import { Ship } from "./ship.js";
import { Score } from "./score.js";
import { Sound } from "./sound.js";

const sheet = new SpriteSheet(document.getElementById("sheet"));
new Score();
new Sound({ play: (name) => console.log(name) });
const ship = new Ship(sheet.frame(0));
const other = new Ship(sheet.frame(0));
ship.shoot(other);
ship.collide();
