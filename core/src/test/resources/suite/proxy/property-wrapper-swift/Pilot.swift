final class Pilot {
    private let chart: any Chart

    init(chart: some Chart) {
        self.chart = chart
    }

    func safe(_ mile: Int) -> Bool { chart.depth(at: mile) > 7 }
}

let pilot = Pilot(chart: LateChart(sheet: "12"))
