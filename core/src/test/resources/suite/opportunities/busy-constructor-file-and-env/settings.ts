import { readFileSync } from "fs";

export class PortSettings {
  private readonly values: Record<string, string>;

  constructor(path: string) {
    this.values = JSON.parse(readFileSync(path, "utf8"));
  }

  get(name: string): string {
    return this.values[name];
  }
}

console.log(new PortSettings("aldera.json").get("name"));
