import { Arrival } from './arrival.js';

class Agent {
  constructor(arrival) { this.arrival = arrival; }
  announce(ship) { console.log(this.arrival.bringIn(ship)); }
}

new Agent(new Arrival()).announce('Doris');
