package railway

class Driver {
    fun start() = Signalbox.get().pull(3)
}
