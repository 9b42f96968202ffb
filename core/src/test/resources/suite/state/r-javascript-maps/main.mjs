import { Player } from './player.mjs';

const player = new Player();
console.log(player.play(), player.play(), player.stop(), player.isPlaying);
