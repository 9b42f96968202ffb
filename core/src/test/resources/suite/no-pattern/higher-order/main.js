import { basePrice, withLogging, withNightRate } from './quote.js';

const price = withLogging(withNightRate(basePrice));
console.log(price({ ship: 'Rosa', tons: 4, night: true }));
