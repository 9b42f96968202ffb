import { Hold } from "./hold";
import { heavyFirst, lastPortFirst } from "./stow";

const hold = new Hold(heavyFirst);
hold.take({ tons: 12, port: 2 });
hold.use(lastPortFirst);
hold.take({ tons: 3, port: 5 });
