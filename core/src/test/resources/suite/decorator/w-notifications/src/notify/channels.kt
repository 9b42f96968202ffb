package notify

class MailChannel(private val server: String) : Channel {
    override fun send(message: Message): Boolean {
        println("mail via $server to ${message.to}")
        return true
    }
}

class SmsChannel(private val credits: Int) : Channel {
    override fun send(message: Message): Boolean = credits > 0 && message.text.length < 160
}
