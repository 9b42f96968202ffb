const rates = require('./rates');

console.log(rates.cents(4));
