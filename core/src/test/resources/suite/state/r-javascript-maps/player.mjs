class Stopped {
  play(player) { player.become(new Playing()); return 'start'; }
  stop(player) { return 'already stopped'; }
}

class Playing {
  play(player) { player.become(new Paused()); return 'pause'; }
  stop(player) { player.become(new Stopped()); return 'stop'; }
}

class Paused {
  play(player) { player.become(new Playing()); return 'resume'; }
  stop(player) { player.become(new Stopped()); return 'stop'; }
}

export class Player {
  #state = new Stopped();

  become(state) { this.#state = state; }
  play() { return this.#state.play(this); }
  stop() { return this.#state.stop(this); }
  get isPlaying() { return this.#state instanceof Playing; }
}
