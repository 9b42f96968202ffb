package chat

fun main() {
    val lobby = Lobby()
    val ana = Person("ana", lobby)
    val bot = Bot("bot", lobby)
    lobby.enter(ana)
    lobby.enter(bot)
    ana.send("is it late?")
}
