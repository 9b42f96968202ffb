import { DoorSensor, RainSensor } from './sensors.js';

const sensors = [new RainSensor(), new DoorSensor()];
console.log(sensors.map((sensor) => sensor.read()));
