package aldera.berths

class Plan private constructor(val berth: Berth?, val hours: Int, val note: String?) {
    fun newBuilder() = Builder(this)

    class Builder {
        private var berth: Berth? = null
        private var hours = 2
        private var note: String? = null

        constructor()

        constructor(plan: Plan) {
            berth = plan.berth
            hours = plan.hours
            note = plan.note
        }

        fun berth(number: Int) = berth(registry.find(number))

        fun berth(berth: Berth) = apply {
            this.berth = berth
        }

        fun hours(hours: Int) = apply { this.hours = hours }

        fun note(note: String) = apply { this.note = note }

        fun build(): Plan = Plan(berth, hours, note ?: readNote())

        private fun readNote(): Remark = Remark(note, hours)
    }
}

class Remark(val text: String?, val hours: Int)
