package shop

class Discount(private val percent: Int) {
    fun off(cents: Int) = cents * percent / 100
    fun label() = "$percent % off"
}

class Checkout(private val discount: Discount?) {
    private var total = 0

    fun add(cents: Int) {
        total += cents
        if (discount != null) {
            total -= discount.off(cents)
        }
    }

    fun refund(cents: Int) {
        total -= cents
        if (discount != null) {
            total += discount.off(cents)
        }
    }

    fun receipt(): String {
        if (discount == null) {
            return "total $total"
        }
        return "total $total, ${discount.label()}"
    }
}
