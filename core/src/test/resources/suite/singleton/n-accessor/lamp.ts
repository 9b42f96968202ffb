import { Config } from './config';

export class Lamp {
  lit(): boolean {
    return Config.instance.get('mode') !== 'day';
  }
}
