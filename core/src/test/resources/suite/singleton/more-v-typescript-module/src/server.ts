import { getConfig } from './config';

export class Server {
  start(): string {
    getConfig().set('started', new Date().toISOString());
    return getConfig().get('host') ?? 'localhost';
  }
}
