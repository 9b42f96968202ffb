import Foundation
let lock = Lock(table: CountedTable())
print(lock.opens(on: Date()))
