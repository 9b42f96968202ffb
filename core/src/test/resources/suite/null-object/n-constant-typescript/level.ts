import { Audio, silent } from './audio';

export class Level {
  constructor(private readonly audio: Audio = silent) {}

  jump(): void {
    this.audio.play('boing');
  }

  leave(): void {
    this.audio.stop();
  }
}
