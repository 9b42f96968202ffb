import { Widgets, flatWidgets, roundWidgets } from './widgets';

export class Form {
  constructor(private readonly widgets: Widgets) {}

  fill(name: string): string {
    return this.widgets.field().type(name) + this.widgets.button().click();
  }
}

export const forms = [new Form(roundWidgets), new Form(flatWidgets)];
