import scores from './scores.js';

export class Game {
  win(player) {
    scores.add(player, 10);
  }
}
