import { play, preview } from './media.js';

console.log(play('bell'), preview('bell'));
