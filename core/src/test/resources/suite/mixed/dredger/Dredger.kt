package aldera.dredge

interface Alarm {
    fun raise(text: String)
    fun clear()
}

class Horn(private val seconds: Int) : Alarm {
    var blown = 0
        private set

    override fun raise(text: String) {
        blown += seconds
    }

    override fun clear() {
        blown = 0
    }
}

object Silent : Alarm {
    override fun raise(text: String) {}
    override fun clear() {}
}

interface DepthSource {
    fun metres(): Double
}

class SonarDepth(private val pingSeconds: Double) : DepthSource {
    override fun metres() = pingSeconds * 750
}

class LeadLine {
    fun fathoms(marks: Int): Double = marks * 1.0
}

class LeadLineDepth(private val line: LeadLine, private val marks: Int) : DepthSource {
    override fun metres() = line.fathoms(marks) * 1.8288
}

class Dredger(private val depth: DepthSource, private val alarm: Alarm = Silent) {
    fun dig(target: Double) {
        if (depth.metres() > target) {
            alarm.raise("too deep")
        } else {
            alarm.clear()
        }
    }
}
