export interface Form {
  name: string;
  tonnes: number;
  flag?: string;
}

export abstract class Check {
  private next?: Check;

  then(next: Check): Check {
    this.next = next;
    return next;
  }

  run(form: Form): string | undefined {
    return this.problem(form) ?? this.next?.run(form);
  }

  protected abstract problem(form: Form): string | undefined;
}

export class NameCheck extends Check {
  protected problem(form: Form): string | undefined {
    return form.name ? undefined : 'no name';
  }
}

export class TonnageCheck extends Check {
  constructor(private readonly most: number) {
    super();
  }

  protected problem(form: Form): string | undefined {
    return form.tonnes > this.most ? `more than ${this.most} t` : undefined;
  }
}

export class FlagCheck extends Check {
  protected problem(form: Form): string | undefined {
    return form.flag ? undefined : 'no flag';
  }
}
