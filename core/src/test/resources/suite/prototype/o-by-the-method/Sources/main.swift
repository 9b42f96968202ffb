let drawer = Drawer()
drawer.keep(GardenPlan(title: "south", beds: ["roses"], owner: "Ines"), as: "garden")
drawer.keep(RoofPlan(title: "flat", load: 2.5), as: "roof")
let mine = drawer.fresh("garden")
mine?.title = "mine"
print(mine?.title ?? "none")
