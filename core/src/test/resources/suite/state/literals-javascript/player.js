const playing = {
  press(player) {
    player.stop();
    player.state = paused;
  },
  label() {
    return 'pause';
  },
};

const paused = {
  press(player) {
    player.start();
    player.state = playing;
  },
  label() {
    return 'play';
  },
};

class Player {
  constructor() {
    this.state = paused;
    this.turning = false;
  }

  press() {
    this.state.press(this);
  }

  label() {
    return this.state.label();
  }

  start() {
    this.turning = true;
  }

  stop() {
    this.turning = false;
  }
}

module.exports = { Player };
