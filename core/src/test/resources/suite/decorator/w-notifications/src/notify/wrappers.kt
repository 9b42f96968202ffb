package notify

class Retrying(private val channel: Channel, private val times: Int = 3) : Channel {
    override fun send(message: Message): Boolean {
        repeat(times) {
            if (channel.send(message)) return true
        }
        return false
    }
}

class Counting(private val channel: Channel) : Channel {
    var sent = 0
        private set

    override fun send(message: Message): Boolean = channel.send(message).also { if (it) sent++ }
}

class Signed(private val channel: Channel, private val name: String) : Channel {
    override fun send(message: Message) = channel.send(message.copy(text = message.text + "\n-- $name"))
}
