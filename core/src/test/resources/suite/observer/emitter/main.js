const { Gate, Lamp } = require('./gate');

const gate = new Gate();
const lamp = new Lamp(gate);
gate.lift();
console.log(lamp.green);
