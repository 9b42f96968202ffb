import { instrument } from './instruments';

export class Session {
  tune(names: string[]): string[] {
    return names.map((name) => instrument(name).play(69));
  }
}
