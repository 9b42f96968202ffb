interface Form { text(): string }
class ArrivalForm implements Form { text() { return 'arrival'; } }
class CargoForm implements Form { text() { return 'cargo'; } }

export class Desk {
  private shown: string[] = [];

  show(kind: 'arrival' | 'cargo'): void {
    let form: Form;
    switch (kind) {
      case 'arrival':
        form = new ArrivalForm();
        break;
      case 'cargo':
        form = new CargoForm();
        break;
    }
    this.shown.push(form.text());
  }
}
