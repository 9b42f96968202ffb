import Foundation

struct Todo: Codable, Identifiable, Equatable {
    let id: UUID
    var title: String
    var done = false
}

protocol TodoStoring {
    func load() throws -> [Todo]
    func save(_ todos: [Todo]) throws
}

struct FileStore: TodoStoring {
    let url: URL
    private let decoder = JSONDecoder()
    private let encoder = JSONEncoder()

    init(url: URL) { self.url = url }

    func load() throws -> [Todo] { try decoder.decode([Todo].self, from: Data(contentsOf: url)) }
    func save(_ todos: [Todo]) throws { try encoder.encode(todos).write(to: url) }
}

final class MemoryStore: TodoStoring {
    private var todos: [Todo] = []
    func load() throws -> [Todo] { todos }
    func save(_ todos: [Todo]) throws { self.todos = todos }
}

@MainActor
final class TodoList {
    private(set) var todos: [Todo] = [] {
        didSet { onChange?(todos) }
    }
    var onChange: (([Todo]) -> Void)?
    private let store: TodoStoring
    private var undoStack: [[Todo]] = []

    init(store: TodoStoring) {
        self.store = store
    }

    func start() {
        todos = (try? store.load()) ?? []
    }

    func add(_ title: String) {
        change { $0.append(Todo(id: UUID(), title: title)) }
    }

    func toggle(_ id: UUID) {
        change { todos in
            guard let index = todos.firstIndex(where: { $0.id == id }) else { return }
            todos[index].done.toggle()
        }
    }

    func undo() {
        guard let last = undoStack.popLast() else { return }
        todos = last
    }

    private func change(_ body: (inout [Todo]) -> Void) {
        undoStack.append(todos)
        body(&todos)
        try? store.save(todos)
    }
}
