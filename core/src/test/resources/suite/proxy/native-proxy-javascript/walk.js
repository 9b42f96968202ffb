const { Orchard, guarded } = require('./orchard');

const orchard = guarded(new Orchard(), { owner: false });
console.log(orchard.pick('pear'));
