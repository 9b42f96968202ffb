package aldera.dues

class DuesDesk(private val round: Long) {
    fun dues(tons: Int, night: Boolean, tariff: Tariff): Long {
        val sum = tariff.basis(tons) + tariff.surcharge(night)
        return sum / round * round
    }
}

fun main() {
    val desk = DuesDesk(5)
    println(desk.dues(800, false, SummerTariff()))
    println(desk.dues(800, true, StormTariff(9)))
}
