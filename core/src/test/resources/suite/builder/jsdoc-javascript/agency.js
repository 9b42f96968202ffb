const { TourPlan } = require('./tour');

exports.ghosts = () => new TourPlan('York').visit('minster').visit('walls').atNight().done();
