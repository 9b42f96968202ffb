import { NightRemote, QuietRemote, Radio, Siren } from './remote.js';
new QuietRemote(new Radio()).mute();
new NightRemote(new Siren()).toggle();
