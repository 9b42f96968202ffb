#pragma once
#include <algorithm>
#include <map>
#include <string>
#include <vector>

class TopicListener {
public:
    virtual ~TopicListener() = default;
    virtual void told(const std::string& topic, const std::string& text) = 0;
};

class Bus {
public:
    void join(const std::string& topic, TopicListener* listener) { byTopic_[topic].push_back(listener); }
    void leave(const std::string& topic, TopicListener* listener) {
        auto& all = byTopic_[topic];
        all.erase(std::remove(all.begin(), all.end(), listener), all.end());
    }
    void tell(const std::string& topic, const std::string& text) {
        for (auto* listener : byTopic_[topic]) listener->told(topic, text);
    }
private:
    std::map<std::string, std::vector<TopicListener*>> byTopic_;
};

class Screen : public TopicListener {
    std::string last_;
public:
    void told(const std::string& topic, const std::string& text) override { last_ = topic + text; }
};

class Archive : public TopicListener {
    std::vector<std::string> lines_;
public:
    void told(const std::string&, const std::string& text) override { lines_.push_back(text); }
};
