package notify

enum class Kind { MAIL, SMS }

object Channels {
    fun of(kind: Kind): Channel = when (kind) {
        Kind.MAIL -> MailChannel("mail.example")
        Kind.SMS -> SmsChannel(100)
    }
}
