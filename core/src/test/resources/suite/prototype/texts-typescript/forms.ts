abstract class Form {
  constructor(protected fields: Map<string, string>) {}

  abstract clone(): Form;

  fill(name: string, value: string): this {
    this.fields.set(name, value);
    return this;
  }

  print(): string {
    return [...this.fields].map(([name, value]) => `${name}: ${value}`).join("\n");
  }
}

class TollForm extends Form {
  clone(): TollForm {
    return new TollForm(new Map(this.fields));
  }
}

class CrewForm extends Form {
  constructor(fields: Map<string, string>, private readonly ship: string) {
    super(fields);
  }

  clone(): CrewForm {
    return new CrewForm(new Map(this.fields), this.ship);
  }
}

class FormDesk {
  private readonly blanks = new Map<string, Form>();

  keep(name: string, form: Form): void {
    this.blanks.set(name, form);
  }

  blank(name: string): Form {
    return this.blanks.get(name)!.clone();
  }
}

const desk = new FormDesk();
desk.keep("toll", new TollForm(new Map([["tonnes", ""]])));
desk.keep("crew", new CrewForm(new Map([["hands", ""]]), "Ana"));
console.log(desk.blank("toll").fill("tonnes", "40").print());
