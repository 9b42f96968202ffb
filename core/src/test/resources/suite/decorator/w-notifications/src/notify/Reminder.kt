package notify

class Reminder(private val channel: Channel) {
    fun remind(names: List<String>): Int = names.count { channel.send(Message(it, "do not forget")) }
}

fun main() {
    val channel = Signed(Retrying(Channels.of(Kind.MAIL)), "the office")
    println(Reminder(channel).remind(listOf("ana", "bo")))
    println(Reminder(Counting(Channels.of(Kind.SMS))).remind(listOf("cy")))
}
