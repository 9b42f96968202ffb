export interface Button {
  click(): string;
}
export interface Field {
  type(text: string): string;
}
export interface Widgets {
  button(): Button;
  field(): Field;
}

class RoundButton implements Button {
  click(): string {
    return '(click)';
  }
}
class RoundField implements Field {
  type(text: string): string {
    return `(${text})`;
  }
}
class FlatButton implements Button {
  click(): string {
    return '[click]';
  }
}
class FlatField implements Field {
  type(text: string): string {
    return `[${text}]`;
  }
}

export const roundWidgets: Widgets = {
  button: () => new RoundButton(),
  field: () => new RoundField(),
};

export const flatWidgets: Widgets = {
  button: () => new FlatButton(),
  field: () => new FlatField(),
};
