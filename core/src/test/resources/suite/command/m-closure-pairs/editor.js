import { createHistory } from './history.js';
import { insertText, removeText } from './commands.js';

class Page {
  text = '';

  insert(at, text) {
    this.text = this.text.slice(0, at) + text + this.text.slice(at);
  }

  remove(at, length) {
    this.text = this.text.slice(0, at) + this.text.slice(at + length);
  }

  slice(at, length) {
    return this.text.slice(at, at + length);
  }
}

const page = new Page();
const history = createHistory();
history.run(insertText(page, 0, 'Ahoy'));
history.run(removeText(page, 0, 1));
history.undo();
