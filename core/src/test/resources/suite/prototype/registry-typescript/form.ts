export interface Form {
  clone(): Form;
  fill(name: string): void;
}

export class CustomsForm implements Form {
  private name = '';
  constructor(private lines: string[]) {}
  clone(): Form {
    const copy = new CustomsForm([...this.lines]);
    copy.name = this.name;
    return copy;
  }
  fill(name: string): void {
    this.name = name;
  }
}

export class HealthForm implements Form {
  private name = '';
  private crew = 0;
  clone(): Form {
    const copy = new HealthForm();
    copy.name = this.name;
    return copy;
  }
  fill(name: string): void {
    this.name = name;
    this.crew += 1;
  }
}

export class FormDrawer {
  private readonly forms = new Map<string, Form>();

  put(key: string, form: Form): void {
    this.forms.set(key, form);
  }

  take(key: string): Form | undefined {
    return this.forms.get(key)?.clone();
  }
}
