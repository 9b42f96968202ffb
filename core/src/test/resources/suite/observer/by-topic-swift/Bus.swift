protocol TopicListener: AnyObject {
    func told(_ topic: String, _ text: String)
}

final class Bus {
    private var byTopic: [String: [TopicListener]] = [:]

    func join(_ topic: String, _ listener: TopicListener) {
        byTopic[topic, default: []].append(listener)
    }

    func leave(_ topic: String, _ listener: TopicListener) {
        byTopic[topic]?.removeAll { $0 === listener }
    }

    func tell(_ topic: String, _ text: String) {
        for listener in byTopic[topic] ?? [] {
            listener.told(topic, text)
        }
    }
}

final class Screen: TopicListener {
    private var last = ""
    func told(_ topic: String, _ text: String) { last = topic + text }
}

final class Archive: TopicListener {
    private var lines: [String] = []
    func told(_ topic: String, _ text: String) { lines.append(text) }
}
