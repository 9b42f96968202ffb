interface Cargo {
    val fee: Int
}

class Grain : Cargo {
    override val fee = 3
}

class Timber(private val length: Int) : Cargo {
    override val fee get() = length * 2
}

class Register {
    private val makers = mutableMapOf<String, () -> Cargo>()

    fun enter(kind: String, maker: () -> Cargo) {
        makers[kind] = maker
    }

    fun make(kind: String): Cargo = makers[kind]?.invoke() ?: error("no cargo of kind $kind")
}

fun main() {
    val register = Register()
    register.enter("grain", ::Grain)
    register.enter("timber") { Timber(4) }
    println(register.make("timber").fee)
}
