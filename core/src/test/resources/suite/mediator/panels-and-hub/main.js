import { Hub } from "./hub.js"
import { DetailPanel, ListPanel, MapPanel } from "./panels.js"

const hub = new Hub()
const map = new MapPanel(hub)
const list = new ListPanel(hub)
hub.join(map, list, new DetailPanel(hub))
list.choose("Aurora")
map.click("Borealis")
