import Foundation

let list = TodoList(store: CommandLine.arguments.count > 1 ? FileStore(url: URL(fileURLWithPath: CommandLine.arguments[1])) : MemoryStore())
list.onChange = { print($0.count) }
list.start()
list.add("splice the main brace")
