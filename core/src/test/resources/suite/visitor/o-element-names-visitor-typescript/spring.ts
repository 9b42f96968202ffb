import { Park, Pruner, Waterer } from './plants';

const park = new Park();
park.tend(new Pruner());
park.tend(new Waterer());
