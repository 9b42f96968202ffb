package tariff

fun main() {
    val rule: Rule = Both(LongerThan(80), Not(AnyOf(Flag("AL"), Flag("NO"))))
    val ship = Ship(120, 6.5, "PT")
    val toll = if (rule.holds(ship)) Toll.ofEuros(90) + Toll.parse("500 EUR") else Toll.ofEuros(20)
    println(toll.cents)
}
