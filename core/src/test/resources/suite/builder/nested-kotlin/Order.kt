package aldera.order

class BunkerOrder private constructor(val ship: String, val tons: Int, val grade: String) {
    class Builder {
        private var ship: String = ""
        private var tons: Int = 0
        private var grade: String = "MGO"

        fun ship(name: String) = apply { ship = name }
        fun tons(amount: Int) = apply { tons = amount }
        fun grade(value: String) = apply { grade = value }

        fun build(): BunkerOrder {
            require(ship.isNotBlank()) { "an order names its ship" }
            return BunkerOrder(ship, tons, grade)
        }
    }
}

fun order() = BunkerOrder.Builder().ship("Alma").tons(40).build()
