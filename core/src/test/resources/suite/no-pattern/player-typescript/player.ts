export class Track {
  position = 0;
  volume = 5;
}

export class Player {
  private track = new Track();

  rewind(): void {
    this.track.position = 0;
  }
  mute(): void {
    this.track.volume = 0;
  }
  current(): Track {
    return this.track;
  }
  playing(): boolean {
    return this.track.position > 0;
  }
}

const player = new Player();
player.rewind();
player.mute();
console.log(player.current().volume, player.playing());
