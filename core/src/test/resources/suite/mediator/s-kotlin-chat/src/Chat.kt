package chat

interface ChatRoom {
    fun enter(user: User)
    fun say(from: User, text: String)
    fun whisper(from: User, to: String, text: String)
}

abstract class User(val name: String, protected val room: ChatRoom) {
    fun send(text: String) = room.say(this, text)
    abstract fun hear(from: String, text: String)
}

class Person(name: String, room: ChatRoom) : User(name, room) {
    override fun hear(from: String, text: String) = println("$name <- $from: $text")
}

class Bot(name: String, room: ChatRoom) : User(name, room) {
    override fun hear(from: String, text: String) {
        if (text.endsWith("?")) room.whisper(this, from, "I do not know")
    }
}

class Lobby : ChatRoom {
    private val users = mutableMapOf<String, User>()

    override fun enter(user: User) {
        users[user.name] = user
    }

    override fun say(from: User, text: String) {
        for (user in users.values) if (user !== from) user.hear(from.name, text)
    }

    override fun whisper(from: User, to: String, text: String) {
        users[to]?.hear(from.name, text)
    }
}
