import { Curtain, Light, Prompter } from './stage.js';

const prompter = new Prompter();
const light = new Light();
const curtain = new Curtain();
prompter.enlist(light, curtain);
curtain.open();
light.fade();
