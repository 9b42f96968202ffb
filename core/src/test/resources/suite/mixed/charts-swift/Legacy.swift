final class SonarLog {
    private var pings: [Double] = [3.5, 4.0]

    func pingCount() -> Int { pings.count }
    func ping(_ index: Int) -> Double { pings[index] }
}

protocol DepthSource {
    func depths() -> [Int]
}

struct SonarDepths: DepthSource {
    private let log: SonarLog

    init(log: SonarLog) {
        self.log = log
    }

    func depths() -> [Int] {
        (0..<log.pingCount()).map { Int(log.ping($0)) }
    }
}

struct FixedDepths: DepthSource {
    let values: [Int]

    func depths() -> [Int] { values }
}

let source: DepthSource = SonarDepths(log: SonarLog())
print(Chart(factory: PaperCharts()).text(source.depths()))
print(Chart(factory: ScreenCharts()).text(FixedDepths(values: [2, 3]).depths()))
