import { HarbourClock } from './clock';
export class WatchKeeper {
  strike(): number { return HarbourClock.current().tick(); }
}
