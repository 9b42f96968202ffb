export class WeatherFeed {
  read(station) { throw new Error('not implemented'); }
}

export class BuoyFeed extends WeatherFeed {
  constructor(samples) {
    super();
    this.samples = samples;
  }
  read(station) {
    return this.samples.get(station) ?? { wind: 0, wave: 0 };
  }
}

export const withLogging = (feed, log) => ({
  read(station) {
    const reading = feed.read(station);
    log.push(`${station}: ${reading.wind}`);
    return reading;
  },
});

export const withKnots = (feed) => ({
  read(station) {
    const reading = feed.read(station);
    return { ...reading, wind: reading.wind * 1.94 };
  },
});
