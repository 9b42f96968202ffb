interface TopicListener { fun told(topic: String, text: String) }

class Bus {
    private val byTopic = mutableMapOf<String, MutableList<TopicListener>>()

    fun join(topic: String, listener: TopicListener) {
        byTopic.getOrPut(topic) { mutableListOf() }.add(listener)
    }

    fun leave(topic: String, listener: TopicListener) {
        byTopic[topic]?.remove(listener)
    }

    fun tell(topic: String, text: String) {
        byTopic[topic]?.forEach { it.told(topic, text) }
    }
}

class Screen : TopicListener {
    private var last = ""
    override fun told(topic: String, text: String) { last = "$topic $text" }
}

class Archive : TopicListener {
    private val lines = mutableListOf<String>()
    override fun told(topic: String, text: String) { lines.add(text) }
}
