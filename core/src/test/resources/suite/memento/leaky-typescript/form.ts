export class FormState {
  constructor(readonly ship: string, readonly berth: number) {}
}

export class BerthForm {
  private ship = '';
  private berth = 0;
  private remarks: string[] = [];

  edit(ship: string, berth: number): void {
    this.ship = ship;
    this.berth = berth;
  }

  remark(text: string): void {
    this.remarks.push(text);
  }

  save(): FormState {
    return new FormState(this.ship, this.berth);
  }

  restore(state: FormState): void {
    this.ship = state.ship;
    this.berth = state.berth;
  }
}

export class UndoStack {
  private readonly states: FormState[] = [];

  constructor(private readonly form: BerthForm) {}

  push(): void {
    this.states.push(this.form.save());
  }

  pop(): void {
    const state = this.states.pop();
    if (state) {
      console.log(`back to ${state.ship}`);
      this.form.restore(state);
    }
  }
}
