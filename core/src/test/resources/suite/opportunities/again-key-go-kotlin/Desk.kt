package aldera.desk

interface Permit {
    fun text(): String
}

class DivePermit : Permit {
    override fun text() = "dive"
}

class FishPermit : Permit {
    override fun text() = "fish"
}

class PermitDesk {
    fun issue(kind: String): String {
        val permit: Permit = when (kind) {
            "dive" -> DivePermit()
            "fish" -> FishPermit()
            else -> error("no $kind permit")
        }
        return permit.text().uppercase()
    }
}
