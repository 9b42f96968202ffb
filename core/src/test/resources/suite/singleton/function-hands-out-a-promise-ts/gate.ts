import { book } from './book';

export class Gate {
  arrive(ship: string): number {
    book().enter(ship);
    return book().count();
  }
}
