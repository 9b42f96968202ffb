export class Settings {
  constructor(readonly light: boolean, readonly scale: number) {}
}

export class Screen {
  private settings = new Settings(true, 1);

  current(): Settings {
    return this.settings;
  }

  use(settings: Settings): void {
    this.settings = settings;
  }

  width(points: number): number {
    return points * this.settings.scale;
  }
}

export class SettingsBook {
  private readonly known = new Map<string, Settings>();

  keep(name: string, screen: Screen): void {
    this.known.set(name, screen.current());
  }

  apply(name: string, screen: Screen): void {
    const settings = this.known.get(name);
    if (settings) {
      screen.use(settings);
    }
  }
}
