import { Dialog, Table } from './ui.js';

const table = new Table(document.body, ['ship', 'berth']);
const dialog = new Dialog(document.body, 'Leave?');

document.querySelector('#add').addEventListener('click', () => {
  table.add({ ship: 'Rosa', berth: 4 });
});

document.querySelector('#leave').addEventListener('click', async () => {
  if (await dialog.ask('Leave the harbour?')) {
    table.hide();
  }
});
