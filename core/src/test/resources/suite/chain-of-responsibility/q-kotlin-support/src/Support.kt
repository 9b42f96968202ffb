data class Question(val topic: String, val level: Int)

abstract class Helper(private val next: Helper? = null) {
    fun ask(question: Question): String =
        if (knows(question)) answer(question)
        else next?.ask(question) ?: "nobody knows about ${question.topic}"

    protected abstract fun knows(question: Question): Boolean
    protected abstract fun answer(question: Question): String
}

class Robot(next: Helper?) : Helper(next) {
    private val known = setOf("password", "hours")
    override fun knows(question: Question) = question.topic in known
    override fun answer(question: Question) = "see the page on ${question.topic}"
}

class Clerk(next: Helper?) : Helper(next) {
    override fun knows(question: Question) = question.level < 3
    override fun answer(question: Question) = "I look it up"
}

class Engineer : Helper() {
    override fun knows(question: Question) = true
    override fun answer(question: Question) = "fixed"
}

fun main() {
    val desk: Helper = Robot(Clerk(Engineer()))
    listOf(Question("hours", 1), Question("smoke", 5)).forEach { println(desk.ask(it)) }
}
