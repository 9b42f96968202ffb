import { AuctionHall } from './hall.js';
import { Cannery, FishMonger } from './bidders.js';

const hall = new AuctionHall();
const cannery = new Cannery('north', 800);
const monger = new FishMonger('lane');
hall.admit(cannery);
hall.admit(monger);
monger.bid(500);
console.log(hall.best);
