import { Grain, Register, Timber } from './cargo';

const register = new Register();
register.enter('grain', Grain);
register.enter('timber', Timber);
console.log(register.make('grain').fee());
