import { Numbered, Polite } from "./filters";
import { Agent, Captain, HarbourChannel } from "./room";

const channel = new Numbered(new Polite(new HarbourChannel()));
const captain = new Captain("Ana", channel);
new Agent("Paz", channel);
captain.say("a berth, damn it");
