package aldera.formula

interface Expr {
    fun eval(env: Env): Double
}

class Env(private val values: Map<String, Double>) {
    operator fun get(name: String) = values[name] ?: throw NoSuchElementException(name)
    fun with(name: String, value: Double) = Env(values + (name to value))
}

class Num(private val value: Double) : Expr {
    override fun eval(env: Env) = value
}

class Var(private val name: String) : Expr {
    override fun eval(env: Env) = env[name]
}

class Sum(private vararg val terms: Expr) : Expr {
    override fun eval(env: Env) = terms.sumOf { it.eval(env) }
}

class Let(private val name: String, private val value: Expr, private val body: Expr) : Expr {
    override fun eval(env: Env) = body.eval(env.with(name, value.eval(env)))
}

class Default(private val expr: Expr, private val fallback: Expr) : Expr {
    override fun eval(env: Env) = try {
        expr.eval(env)
    } catch (e: NoSuchElementException) {
        fallback.eval(Env(emptyMap()))
    }
}

fun main() {
    println(Let("tons", Num(4.0), Sum(Var("tons"), Num(1.0))).eval(Env(emptyMap())))
}
