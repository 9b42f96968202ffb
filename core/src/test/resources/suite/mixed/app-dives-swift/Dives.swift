import Foundation

struct Dive: Codable, Equatable {
    let id: UUID
    var site: String
    var metres: Double
}

protocol DiveStoring {
    func load() throws -> [Dive]
    func save(_ dives: [Dive]) throws
}

final class FileStore: DiveStoring {
    private let url: URL
    private let decoder = JSONDecoder()
    private let encoder = JSONEncoder()

    init(url: URL) {
        self.url = url
    }

    func load() throws -> [Dive] {
        let data = try Data(contentsOf: url)
        return try decoder.decode([Dive].self, from: data)
    }

    func save(_ dives: [Dive]) throws {
        try encoder.encode(dives).write(to: url)
    }
}

protocol DiveListViewModelDelegate: AnyObject {
    func listDidChange(_ model: DiveListViewModel)
    func list(_ model: DiveListViewModel, didFail error: Error)
}

final class DiveListViewModel {
    weak var delegate: DiveListViewModelDelegate?
    private let store: DiveStoring
    private(set) var dives: [Dive] = [] {
        didSet { delegate?.listDidChange(self) }
    }

    init(store: DiveStoring) {
        self.store = store
    }

    func reload() {
        do {
            dives = try store.load()
        } catch {
            delegate?.list(self, didFail: error)
        }
    }

    func add(site: String, metres: Double) {
        dives.append(Dive(id: UUID(), site: site, metres: metres))
        try? store.save(dives)
    }
}

final class DiveListController: DiveListViewModelDelegate {
    private let model: DiveListViewModel
    private var lines: [String] = []

    init(model: DiveListViewModel) {
        self.model = model
        model.delegate = self
    }

    func show() {
        model.reload()
    }

    func listDidChange(_ model: DiveListViewModel) {
        lines = model.dives.map { "\($0.site): \($0.metres) m" }
    }

    func list(_ model: DiveListViewModel, didFail error: Error) {
        lines = ["\(error)"]
    }
}

final class AppCoordinator {
    private var current: DiveListController?

    func start() {
        let store = FileStore(url: URL(fileURLWithPath: "dives.json"))
        let controller = DiveListController(model: DiveListViewModel(store: store))
        controller.show()
        current = controller
    }
}
