struct CostVisitor: PlanVisitor {
    func visit(_ scan: Scan) -> Int { 100 }
    func visit(_ join: Join) -> Int { join.left.accept(self) * join.right.accept(self) }
    func visit(_ sort: Sort) -> Int { sort.input.accept(self) * 2 }
}

struct TextVisitor: PlanVisitor {
    func visit(_ scan: Scan) -> String { "scan \(scan.table)" }
    func visit(_ join: Join) -> String { "(\(join.left.accept(self)) x \(join.right.accept(self)))" }
    func visit(_ sort: Sort) -> String { "sort \(sort.key): \(sort.input.accept(self))" }
}
