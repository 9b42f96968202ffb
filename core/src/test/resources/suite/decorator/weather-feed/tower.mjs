import { BuoyFeed, withKnots, withLogging } from './feed.mjs';

export class Tower {
  constructor(feed) { this.feed = feed; }
  warn(station) { return this.feed.read(station).wind > 28; }
}

const log = [];
export const tower = new Tower(withKnots(withLogging(new BuoyFeed(new Map()), log)));
