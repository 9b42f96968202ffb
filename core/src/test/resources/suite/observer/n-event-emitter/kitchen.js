const { Kettle } = require('./kettle');

class Whistle {
  blow(degrees) {
    this.last = degrees;
  }
}

const kettle = new Kettle();
const whistle = new Whistle();
kettle.on('boiling', (degrees) => whistle.blow(degrees));
kettle.on('boiling', () => console.log('tea'));
kettle.heat();
kettle.heat();
