export class PaperCharts {
    opened = 0
    sheet(area) {
        return `sheet of ${area} no ${++this.opened}`
    }
}

export class RememberedCharts {
    #known = new Map()
    #charts
    constructor(charts) {
        this.#charts = charts
    }
    sheet(area) {
        if (!this.#known.has(area)) {
            this.#known.set(area, this.#charts.sheet(area))
        }
        return this.#known.get(area)
    }
}
