import { Chart, Editor } from './editor.js';

const editor = new Editor(new Chart());
editor.mark('a', 'wreck');
editor.erase('a');
editor.undo();
editor.redo();
