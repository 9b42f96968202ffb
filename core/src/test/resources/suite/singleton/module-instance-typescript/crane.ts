import { settings } from "./settings";
export class Crane {
  upgrade(): void { settings.raise(5); }
}
