import { Playlist } from "./playlist";

export class Player {
  play(list: Playlist): void {
    for (const song of list) console.log(song.title);
  }
}

export class Clock {
  total(list: Playlist): number {
    let sum = 0;
    for (let i = 0; i < list.songs.length; i++) sum += list.songs[i].seconds;
    return sum;
  }
}
