package help

abstract class Helper(private val next: Helper?) {
    fun help(topic: String): String {
        if (knows(topic)) {
            return answer(topic)
        }
        return next?.help(topic) ?: "ask at the gate"
    }

    protected abstract fun knows(topic: String): Boolean
    protected abstract fun answer(topic: String): String
}

class TrainHelper(next: Helper? = null) : Helper(next) {
    override fun knows(topic: String) = topic.startsWith("train")
    override fun answer(topic: String) = "platform 4"
}

class FoodHelper(next: Helper? = null) : Helper(next) {
    override fun knows(topic: String) = "eat" in topic
    override fun answer(topic: String) = "upstairs"
}

class Lobby {
    private val helper: Helper = TrainHelper(FoodHelper())
    fun ask(topic: String) = helper.help(topic)
}
