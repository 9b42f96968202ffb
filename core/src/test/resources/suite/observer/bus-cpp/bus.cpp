#include <functional>
#include <map>
#include <string>
#include <vector>

class HarbourBus {
public:
    using Slot = std::function<void(const std::string&)>;

    void on(const std::string& topic, Slot slot) { slots_[topic].push_back(std::move(slot)); }

    void say(const std::string& topic, const std::string& text) const {
        if (const auto found = slots_.find(topic); found != slots_.end()) {
            for (const auto& slot : found->second) {
                slot(text);
            }
        }
    }

private:
    std::map<std::string, std::vector<Slot>> slots_;
};

class Board {
public:
    explicit Board(HarbourBus& bus) {
        bus.on("storm", [this](const std::string& text) { line_ = text; });
        bus.on("calm", [this](const std::string&) { line_.clear(); });
    }

private:
    std::string line_;
};
