package aldera.session
object Sessions { private val all = mutableListOf<Session>(); fun enter(s: Session) { all += s } }
class Session private constructor(private val user: String, private val minutes: Int) {
    init { Sessions.enter(this) }
    fun text() = "$user $minutes"
    companion object {
        fun guest() = Session("guest", 5)
        fun member(name: String) = Session(name, 60)
    }
}
class Gate { fun pass() = Session.guest().text() + Session.member("Ana").text() }
