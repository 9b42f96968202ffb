package notify

data class Message(val to: String, val text: String, val urgent: Boolean = false)

fun interface Channel {
    fun send(message: Message): Boolean
}
