package harbour

interface Alarm {
    fun raise(text: String)
    fun clear()
}

class SirenBox {
    private var level = 0
    fun sound(strength: Int, seconds: Int) {
        level = strength * seconds
    }
    fun off() {
        level = 0
    }
}

class LogAlarm : Alarm {
    private val lines = mutableListOf<String>()
    override fun raise(text: String) { lines += text }
    override fun clear() = lines.clear()
}

fun SirenBox.asAlarm(): Alarm = object : Alarm {
    override fun raise(text: String) = sound(text.length, 10)
    override fun clear() = off()
}

class Watch(private val alarm: Alarm) {
    fun fire() {
        alarm.raise("fire")
        alarm.clear()
    }
}

fun main() {
    Watch(SirenBox().asAlarm()).fire()
    Watch(LogAlarm()).fire()
}
