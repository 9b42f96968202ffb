import { PortBus } from './bus.js';

const bus = new PortBus();
const log = (ship) => console.log('in', ship);
bus.on('arrival', log);
bus.on('arrival', (ship) => console.log('greet', ship));
bus.emit('arrival', 'Sirena');
bus.off('arrival', log);
