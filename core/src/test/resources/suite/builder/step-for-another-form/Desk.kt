package aldera.berths

import org.registry.Berth

class Desk {
    fun morning(): Plan = Plan.Builder().berth(4).build()

    fun evening(morning: Plan): Plan = morning.newBuilder().hours(3).note("late").build()

    fun tag(): Tag = Tag.Builder().text("wet").pen("red").build()

    fun flag(flag: Flag): Flag = flag.newBuilder().height(3).build()
}
