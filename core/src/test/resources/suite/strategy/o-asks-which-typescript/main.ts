import { Columns, Printer } from './print';

const printer = new Printer();
printer.set(new Columns());
console.log(printer.print(['a', 'b']));
