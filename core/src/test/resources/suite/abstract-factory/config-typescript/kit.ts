export interface Buoy { light(): string; }
export interface Beacon { flash(): string; }

export interface MarkKit {
  createBuoy(): Buoy;
  createBeacon(): Beacon;
}

export class RegionAKit implements MarkKit {
  createBuoy(): Buoy { return new RedBuoy(); }
  createBeacon(): Beacon { return new RedBeacon(); }
}

export class RegionBKit implements MarkKit {
  createBuoy(): Buoy { return new GreenBuoy(); }
  createBeacon(): Beacon { return new RedBeacon(); }
}

class RedBuoy implements Buoy { light() { return 'red'; } }
class GreenBuoy implements Buoy { light() { return 'green'; } }
class RedBeacon implements Beacon { flash() { return 'red'; } }
