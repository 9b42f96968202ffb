import { guarded, register } from './register.js';

const mine = guarded(register, { name: 'Ines', mayRemove: false });
console.log(mine.find('Oria'));
mine.remove('Oria');
