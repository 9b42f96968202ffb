package aldera

class MusterOffice {
    fun muster(): CrewList = crewOf("Sirena") {
        hand("Ines")
        hand("Bruno")
        cook("Lia")
    }
}
