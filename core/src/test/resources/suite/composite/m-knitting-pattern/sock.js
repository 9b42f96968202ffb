const { parse } = require('./knit');

function cuff(text) {
  return parse(text.split(' ')).work([]).join('');
}

console.log(cuff('[ k2 p2 ] 8'));
