import { Auction } from "./auction.js";
import { Person, Robot } from "./bidders.js";

const auction = new Auction();
const ana = new Person("ana");
auction.join(ana);
auction.join(new Robot("r2", 80));
ana.offer(50);
