import * as steam from './steam.js';
import * as powder from './powder.js';
import { Cleaner } from './cleaner.js';

new Cleaner(steam).run([]);
new Cleaner(powder).run([]);
