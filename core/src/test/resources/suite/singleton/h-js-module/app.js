import { settings } from './settings.js';
settings().set('port', 'Aldera');
console.log(settings().get('port'));
