import { StowagePlan } from './plan.js';

const plan = new StowagePlan('Oria');
plan.place(1, 'ALDU-7');
const trial = plan.copy();
trial.place(2, 'ALDU-9');
console.log(plan.bays.length, trial.bays.length);
