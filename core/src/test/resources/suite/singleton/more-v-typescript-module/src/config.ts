class Config {
  private values: Record<string, string> = {};

  get(key: string): string | undefined { return this.values[key]; }
  set(key: string, value: string): void { this.values[key] = value; }
}

let config: Config | undefined;

export function getConfig(): Config {
  if (!config) {
    config = new Config();
  }
  return config;
}
