object Switchboard {
    private val calls = mutableListOf<String>()
    fun connect(who: String) {
        calls.add(who)
    }
}

class Operator {
    fun answer() = Switchboard.connect("pilot")
}
