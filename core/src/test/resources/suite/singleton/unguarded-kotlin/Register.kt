class Register private constructor() {
    private val names = mutableListOf<String>()

    fun enter(name: String) {
        names += name
    }

    companion object {
        private var instance: Register? = null

        fun get(): Register {
            if (instance == null) {
                instance = Register()
            }
            return instance!!
        }
    }
}

fun main() {
    Register.get().enter("Rosa")
    Register.get().enter("Marta")
}
