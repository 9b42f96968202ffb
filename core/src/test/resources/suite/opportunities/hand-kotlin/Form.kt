package desk

class Form {
    var name = ""
    var street = ""
    var town = ""
    var notes = mutableListOf<String>()
}

class Clerk {
    fun again(form: Form): Form {
        val copy = Form()
        copy.name = form.name
        copy.street = form.street
        copy.town = form.town
        return copy
    }
}
