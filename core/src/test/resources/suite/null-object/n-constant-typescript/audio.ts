export interface Audio {
  play(sound: string): void;
  stop(): void;
}

export const silent: Audio = {
  play() {},
  stop() {},
};

export class Speaker implements Audio {
  private playing: string[] = [];

  play(sound: string): void {
    this.playing.push(sound);
  }

  stop(): void {
    this.playing = [];
  }
}
