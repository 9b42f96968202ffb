export const basePrice = (order) => order.tons * 12;

export const withNightRate = (price) => (order) => {
  const cents = price(order);
  return order.night ? cents * 1.5 : cents;
};

export const withLogging = (price, log = console.log) => (order) => {
  const cents = price(order);
  log(`priced ${order.ship} at ${cents}`);
  return cents;
};
