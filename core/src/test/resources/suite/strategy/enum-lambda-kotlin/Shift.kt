package bridge

fun evening(booth: Booth) {
    booth.change(Toll.NIGHT)
    booth.pass(2)
}
