class Sheet {
    private var saved = false
    private var copies = 0

    fun save() {
        saved = true
    }

    fun print() {
        copies++
    }
}

interface Action {
    fun perform()
}

class Save(private val sheet: Sheet) : Action {
    override fun perform() = sheet.save()
}

class Print(private val sheet: Sheet) : Action {
    override fun perform() = sheet.print()
}

class MenuEntry(private val action: Action) {
    fun click() {
        action.perform()
    }
}

class Window {
    fun menu(sheet: Sheet) = listOf(MenuEntry(Save(sheet)), MenuEntry(Print(sheet)))
}
