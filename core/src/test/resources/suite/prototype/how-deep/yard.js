import { Bridge, Deck } from "./hull.js";
export function twins() { return [new Deck().clone(), new Bridge().clone(false)]; }
