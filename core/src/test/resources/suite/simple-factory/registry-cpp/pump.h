#pragma once
#include <functional>
#include <memory>
#include <stdexcept>
#include <string>
#include <unordered_map>

class Pump {
public:
    virtual ~Pump() = default;
    virtual int litres(int minutes) const = 0;
};

class HandPump final : public Pump {
public:
    int litres(int minutes) const override { return minutes * 10; }
};

class SteamPump final : public Pump {
public:
    int litres(int minutes) const override { return minutes * 400; }
};

class PumpShed {
public:
    PumpShed() {
        makers_["hand"] = [] { return std::make_unique<HandPump>(); };
        makers_.emplace("steam", [] { return std::make_unique<SteamPump>(); });
    }

    std::unique_ptr<Pump> fetch(const std::string& name) const {
        auto maker = makers_.find(name);
        if (maker == makers_.end()) {
            throw std::out_of_range("no pump " + name);
        }
        return maker->second();
    }

private:
    std::unordered_map<std::string, std::function<std::unique_ptr<Pump>()>> makers_;
};
