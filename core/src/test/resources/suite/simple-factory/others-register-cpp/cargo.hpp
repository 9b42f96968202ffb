#pragma once
#include <functional>
#include <memory>
#include <stdexcept>
#include <string>
#include <unordered_map>

struct Cargo {
    virtual ~Cargo() = default;
    virtual int fee() const = 0;
};

struct Grain : Cargo {
    int fee() const override { return 3; }
};

struct Timber : Cargo {
    int fee() const override { return 5; }
};

class Register {
public:
    using Maker = std::function<std::unique_ptr<Cargo>()>;

    void enter(const std::string& kind, Maker maker) { makers_.emplace(kind, std::move(maker)); }

    std::unique_ptr<Cargo> make(const std::string& kind) const {
        const auto found = makers_.find(kind);
        if (found == makers_.end()) throw std::out_of_range(kind);
        return found->second();
    }

private:
    std::unordered_map<std::string, Maker> makers_;
};
