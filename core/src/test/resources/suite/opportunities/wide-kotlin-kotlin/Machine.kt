package aldera

interface Machine {
    fun print(text: String)
    fun scan(): String
    fun fax(number: String)
}

class OfficeMachine : Machine {
    private val sent = mutableListOf<String>()
    override fun print(text: String) = println(text)
    override fun scan() = "scan ${sent.size}"
    override fun fax(number: String) { sent += number }
}

class OldPrinter : Machine {
    override fun print(text: String) = println(text.uppercase())
    override fun scan(): String = throw UnsupportedOperationException("cannot scan")
    override fun fax(number: String) = TODO("no fax here")
}
