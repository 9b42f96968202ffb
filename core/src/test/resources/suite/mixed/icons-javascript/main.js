import { ChartMap } from "./map.js";

const map = new ChartMap();
const stop = map.onPlaced((kind) => console.log("placed", kind));
map.place("buoy", 1, 2);
map.place("buoy", 3, 4);
stop();
for (const text of map) {
  console.log(text);
}
