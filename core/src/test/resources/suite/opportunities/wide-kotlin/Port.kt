interface Vessel {
    fun sail()
    fun dive()
    fun name(): String
}

class Ferry : Vessel {
    private var miles = 0
    override fun sail() { miles += 1 }
    override fun dive() = throw UnsupportedOperationException("a ferry does not dive")
    override fun name() = "ferry"
}

class Submarine : Vessel {
    private var depth = 0
    override fun sail() { depth = 0 }
    override fun dive() { depth += 10 }
    override fun name() = "submarine"
}
