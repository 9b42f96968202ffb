package aldera.tariff
interface Expr { fun value(facts: Map<String, Int>): Int }
class Number(private val n: Int) : Expr { override fun value(facts: Map<String, Int>) = n }
class Fact(private val name: String) : Expr { override fun value(facts: Map<String, Int>) = facts[name] ?: 0 }
class Plus(private val left: Expr, private val right: Expr) : Expr { override fun value(facts: Map<String, Int>) = left.value(facts) + right.value(facts) }
class Times(private val left: Expr, private val right: Expr) : Expr { override fun value(facts: Map<String, Int>) = left.value(facts) * right.value(facts) }
