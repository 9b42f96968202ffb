const { Dues, byTonnage, byLength } = require('./dues');

const dues = new Dues(byTonnage);
dues.charge({ tons: 4, metres: 12 });
dues.use(byLength);
dues.charge({ tons: 4, metres: 12 });
