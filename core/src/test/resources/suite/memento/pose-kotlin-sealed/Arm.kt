interface Pose
class Arm {
    private var reach = 0
    private var height = 0
    fun lift(by: Int) { height += by }
    fun stretch(by: Int) { reach += by }
    private class Held(val reach: Int, val height: Int) : Pose
    fun save(): Pose = Held(reach, height)
    fun restore(pose: Pose) { pose as Held
        reach = pose.reach
        height = pose.height }
}
class Logbook(private val arm: Arm) {
    private val poses = ArrayDeque<Pose>()
    fun note() { poses.addLast(arm.save()) }
    fun back() { poses.removeLastOrNull()?.let { arm.restore(it) } }
}
