import { Log } from './log';

export class Cook {
  boil(): void {
    Log.get().write('boil');
  }

  experiment(): void {
    new Log().write('try');
  }
}
