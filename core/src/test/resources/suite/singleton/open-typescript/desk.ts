import { PortLog } from './log';

PortLog.get().note('open');
const mine = new PortLog();
mine.note('own');
console.log(PortLog.get().size() + mine.size());
