import { HarbourTug, SeaTug } from "./tugs.js"
import { Towing } from "./towing.js"

console.log(new Towing(new HarbourTug(), new SeaTug()).job("Aurora", 5))
