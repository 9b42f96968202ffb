class Settings {
  private load = 10;
  raise(by: number): void { this.load += by; }
}
export const settings = new Settings();
