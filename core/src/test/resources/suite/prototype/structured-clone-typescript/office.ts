import { Form } from './form';

export class Office {
  private readonly blanks = new Map<string, Form>();

  keep(name: string, form: Form): void {
    this.blanks.set(name, form);
  }

  hand(name: string): Form | undefined {
    return this.blanks.get(name)?.copy();
  }
}
