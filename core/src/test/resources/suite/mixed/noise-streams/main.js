const { errors, Limiter } = require('./logs');

const limiter = new Limiter(2);
Promise.all(['a.log', 'b.log', 'c.log'].map((name) => limiter.run(() => errors(name, `${name}.err`)))).then((all) => {
  console.log(all.length);
});
