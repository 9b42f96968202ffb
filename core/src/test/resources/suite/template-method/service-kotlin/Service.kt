abstract class Service {
    private var calls = 0

    fun handle(text: String): String {
        before(text)
        calls++
        return answer(text)
    }

    protected open fun before(text: String) {
    }

    protected abstract fun answer(text: String): String
}

class Echo : Service() {
    private var last = ""

    override fun before(text: String) {
        last = text
    }

    override fun answer(text: String): String = last + text
}
