export class Config {
  private static current?: Config;
  private readonly values = new Map<string, string>();

  private constructor() {
    this.values.set('mode', 'day');
  }

  static get instance(): Config {
    return (Config.current ??= new Config());
  }

  get(key: string): string | undefined {
    return this.values.get(key);
  }
}
