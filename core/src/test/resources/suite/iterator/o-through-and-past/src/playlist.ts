export interface Song { title: string; seconds: number }

export class Playlist implements Iterable<Song> {
  readonly songs: Song[] = [];

  add(song: Song): this {
    this.songs.push(song);
    return this;
  }

  [Symbol.iterator](): PlaylistIterator {
    return new PlaylistIterator(this.songs);
  }
}

export class PlaylistIterator implements Iterator<Song> {
  private at = 0;
  constructor(private readonly songs: Song[]) {}

  next(): IteratorResult<Song> {
    if (this.at >= this.songs.length) return { done: true, value: undefined };
    return { done: false, value: this.songs[this.at++] };
  }
}
