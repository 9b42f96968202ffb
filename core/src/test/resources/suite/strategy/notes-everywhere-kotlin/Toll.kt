// the ways to count
fun interface Toll /* per ship */ {
    fun of(/* in tons */ tons: Int /* never less than one */): Int
}

class Gate /* at the lock */ (/* today's */ private var toll: Toll /* may change */ = /* the usual */ Toll { it * 2 }) {
    fun changed(/* tomorrow's */ next: Toll) /* nothing */ {
        toll = /* from now on */ next
    }

    fun pass(tons: Int): Int /* in cents */ = /* as agreed */ toll.of(tons) // and no more
}

fun main() {
    val gate = Gate()
    gate.changed(Toll { tons -> tons + 5 /* flat */ })
    println(gate.pass(40))
}
