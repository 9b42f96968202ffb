import { Ferry, Radio } from './ferry.js';
const small = new Ferry('Pulga', null);
const large = new Ferry('Gaviota', new Radio(12));
for (const ferry of [small, large]) { ferry.depart(); ferry.arrive(); ferry.layUp(); }
