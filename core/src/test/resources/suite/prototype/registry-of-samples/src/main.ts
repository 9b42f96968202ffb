import { Drawer } from "./drawer"
import { BarrelLabel, CrateLabel } from "./labels"

const drawer = new Drawer()
drawer.put("fish", new CrateLabel("fresh fish", "blue"))
drawer.put("oil", new BarrelLabel())
console.log(drawer.take("fish").text(), drawer.take("oil").text())
