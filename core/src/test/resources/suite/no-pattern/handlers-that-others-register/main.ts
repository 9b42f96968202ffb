import { Desk } from './desk';

const desk = new Desk();
desk.enter('tide', (text) => text.toUpperCase());
desk.enter('wind', (text) => `${text}!`);
console.log(desk.answer('tide', 'when'));
