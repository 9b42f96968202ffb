export class InsertCommand {
  constructor(editor, at, piece) {
    this.editor = editor;
    this.at = at;
    this.piece = piece;
  }
  execute() { this.editor.insert(this.at, this.piece); }
  undo() { this.editor.remove(this.at, this.piece.length); }
}

export class EraseCommand {
  constructor(editor, at, length) {
    this.editor = editor;
    this.at = at;
    this.length = length;
  }
  execute() {
    this.gone = this.editor.text().slice(this.at, this.at + this.length);
    this.editor.remove(this.at, this.length);
  }
  undo() { this.editor.insert(this.at, this.gone); }
}
