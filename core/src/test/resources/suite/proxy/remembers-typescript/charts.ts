export interface Charts {
    sheet(area: string): string
}

export class PaperCharts implements Charts {
    private opened = 0
    sheet(area: string): string {
        return `sheet of ${area} no ${++this.opened}`
    }
}

export class RememberedCharts implements Charts {
    private readonly known = new Map<string, string>()
    constructor(private readonly charts: Charts) {}
    sheet(area: string): string {
        let sheet = this.known.get(area)
        if (sheet === undefined) {
            sheet = this.charts.sheet(area)
            this.known.set(area, sheet)
        }
        return sheet
    }
}

export class Bridge {
    constructor(private readonly charts: Charts) {}
    plot(): string {
        return this.charts.sheet("west") + this.charts.sheet("west")
    }
}

new Bridge(new RememberedCharts(new PaperCharts())).plot()
