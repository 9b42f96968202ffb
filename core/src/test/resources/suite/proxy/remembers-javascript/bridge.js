import { PaperCharts, RememberedCharts } from "./charts.js"

class Bridge {
    constructor(charts) {
        this.charts = charts
    }
    plot() {
        return this.charts.sheet("west") + this.charts.sheet("west")
    }
}

console.log(new Bridge(new RememberedCharts(new PaperCharts())).plot())
