import { Quay } from './quay.js';

const quay = new Quay();
quay.add('north');
for (const berth of quay) {
  console.log(berth);
}
