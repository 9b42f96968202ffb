#pragma once
#include <functional>
#include <map>
#include <memory>
#include <stdexcept>
#include <string>

struct Tool {
    virtual ~Tool() = default;
    virtual std::string use() const = 0;
};

struct Hammer : Tool {
    std::string use() const override { return "bang"; }
};

struct Saw : Tool {
    std::string use() const override { return "ritsch"; }
};

class ToolShed {
public:
    using Maker = std::function<std::unique_ptr<Tool>()>;

    ToolShed() {
        makers_["hammer"] = [] { return std::make_unique<Hammer>(); };
        makers_["saw"] = [] { return std::make_unique<Saw>(); };
    }

    std::unique_ptr<Tool> take(const std::string& name) const {
        auto found = makers_.find(name);
        if (found == makers_.end()) throw std::out_of_range("no " + name);
        return found->second();
    }

private:
    std::map<std::string, Maker> makers_;
};
