import { Editor } from './editor.js';

const editor = new Editor(document.querySelector('canvas'));
document.querySelectorAll('[data-tool]').forEach(button => {
  button.addEventListener('click', () => editor.choose(button.dataset.tool));
});
