import { FairFactory, Site } from "./fair";
import { NewTentBuilder, OldTentBuilder } from "./tents";

const fair = new FairFactory("spring").stall("nuts").stall("honey").band("tuna").open();
console.log(fair.stalls, new Site(new OldTentBuilder()).raise(), new Site(new NewTentBuilder()).raise());
