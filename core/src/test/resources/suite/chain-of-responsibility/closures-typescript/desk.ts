import { Check, FlagCheck, NameCheck, TonnageCheck } from './checks';

const first: Check = new NameCheck();
first.then(new TonnageCheck(9000)).then(new FlagCheck());
console.log(first.run({ name: 'Oria', tonnes: 120 }));
