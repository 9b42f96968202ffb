import { BerthSignal, StormSignal, LampCarrier, RadioCarrier } from './signals.js';

const radio = new RadioCarrier(16);
const outgoing = [new BerthSignal(new LampCarrier()), new StormSignal(radio), new BerthSignal(radio)];
outgoing.forEach((signal) => console.log(signal.send('Doris')));
