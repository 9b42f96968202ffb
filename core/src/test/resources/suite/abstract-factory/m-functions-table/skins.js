class Button { render() { return ''; } }
class FlatButton extends Button { render() { return '[ ]'; } }
class RoundButton extends Button { render() { return '( )'; } }

class Field { render() { return ''; } }
class FlatField extends Field { render() { return '____'; } }
class RoundField extends Field { render() { return '(__)'; } }

export const flatSkin = {
  createButton: () => new FlatButton(),
  createField: () => new FlatField(),
};

export const roundSkin = {
  createButton: () => new RoundButton(),
  createField: () => new RoundField(),
};
