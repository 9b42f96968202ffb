const { PapersInspection, WeightInspection } = require('./inspections');

function gate() {
  const first = new PapersInspection();
  first.followedBy(new WeightInspection(4000));
  return first;
}

console.log(gate().inspect({ papers: true, weight: 5200 }));
