const { Skiff, Crew } = require('./yard');
const crew = new Crew();
const skiff = new Skiff('Pulga');
skiff.take(crew);
crew.row(skiff);
