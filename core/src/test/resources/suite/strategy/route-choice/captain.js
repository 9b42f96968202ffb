const { RoutePlanner, calmest, cheapest } = require('./routing');

class Captain {
  sail(weather, legs) {
    const planner = new RoutePlanner();
    legs.forEach((leg) => planner.offer(leg));
    if (weather === 'storm') planner.prefer(calmest);
    else if (weather === 'poor') planner.prefer(cheapest);
    return planner.plan();
  }
}

module.exports = Captain;
