const { TourBuilder } = require('./tour');

function oldTown() {
  return new TourBuilder().stop('gate').stop('well').withLunch().build();
}

module.exports = { oldTown };
