import { Archive, Bus, Screen } from './bus.js';

const bus = new Bus();
bus.join('fog', new Screen());
bus.join('fog', new Archive());
bus.tell('fog', '300 m');
