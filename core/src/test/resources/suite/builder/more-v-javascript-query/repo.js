const { QueryBuilder } = require('./query');

exports.adults = db => db.run(new QueryBuilder().from('people').select('name').where('age > 17').build());
