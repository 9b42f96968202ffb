import { Captain, Pilot, RadioRoom } from './room';

const room = new RadioRoom();
const ada = new Pilot('ada', room);
const bo = new Captain('bo', room);
ada.say('follow me');
bo.say('aye', 'ada');
