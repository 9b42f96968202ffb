import { Ferry, HarbourTower, Tanker } from './tower';

const tower = new HarbourTower();
const ferry = new Ferry(tower, 'Alma');
tower.register(ferry);
tower.register(new Tanker(tower, 'Brava'));
ferry.arrive();
