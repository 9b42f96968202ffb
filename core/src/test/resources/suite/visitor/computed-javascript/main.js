const { Crate, Drum } = require('./cargo');
const { Weigher, Labels } = require('./visitors');

for (const cargo of [new Crate(4), new Drum(9)]) {
  console.log(cargo.accept(new Weigher()), cargo.accept(new Labels()));
}
