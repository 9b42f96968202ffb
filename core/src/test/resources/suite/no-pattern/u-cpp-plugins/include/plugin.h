#pragma once
#include <functional>
#include <map>
#include <memory>
#include <stdexcept>
#include <string>

namespace audio {

class Plugin {
public:
    virtual ~Plugin() = default;
    virtual float process(float sample) = 0;
    virtual std::unique_ptr<Plugin> clone() const = 0;
};

class PluginRegistry {
public:
    using Maker = std::function<std::unique_ptr<Plugin>()>;

    static PluginRegistry& instance() {
        static PluginRegistry registry;
        return registry;
    }

    PluginRegistry(const PluginRegistry&) = delete;
    PluginRegistry& operator=(const PluginRegistry&) = delete;

    void add(const std::string& name, Maker maker) { makers_[name] = std::move(maker); }

    std::unique_ptr<Plugin> make(const std::string& name) const {
        const auto found = makers_.find(name);
        if (found == makers_.end()) throw std::out_of_range("no plugin " + name);
        return found->second();
    }

private:
    PluginRegistry() = default;
    std::map<std::string, Maker> makers_;
};

template <typename T>
struct Registered {
    explicit Registered(const char* name) {
        PluginRegistry::instance().add(name, [] { return std::make_unique<T>(); });
    }
};

}  // namespace audio
