package choir

fun main() {
    val rehearsals = RehearsalMediator()
    val diary = Diary("Ines")
    rehearsals.join(diary)
    rehearsals.join(HallBooking())
    rehearsals.day = "Friday"
    rehearsals.leave(diary)

    val stage = StageObserver()
    val alto = Alto(stage)
    val bass = Bass(stage)
    stage.add(alto)
    stage.add(bass)
    alto.lead(60)
    bass.drone(40)
}
