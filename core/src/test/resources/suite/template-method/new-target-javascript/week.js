const { SoilSurvey, BirdSurvey } = require('./survey');

exports.week = function week(field) {
  return [new SoilSurvey(field), new BirdSurvey(field)].flatMap((survey) => survey.run());
};
