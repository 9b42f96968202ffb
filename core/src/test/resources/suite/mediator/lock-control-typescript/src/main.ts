import { LockControl } from './control';
import { Gate } from './gate';
import { Signal } from './signal';
import { Sluice } from './sluice';

const control = new LockControl();
const sluice = new Sluice(control);
control.fit(new Gate(control), sluice, new Signal(control));
sluice.fill(4);
