import { theRegistry } from './registry';

export class Gate {
  arrive(name: string): void {
    theRegistry().enter(name);
  }
}
