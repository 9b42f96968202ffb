import { Drink, WithHoney, WithLemon } from './tea';

const order: Drink = new WithHoney(new WithLemon());
console.log(order.name(), order.cents());
