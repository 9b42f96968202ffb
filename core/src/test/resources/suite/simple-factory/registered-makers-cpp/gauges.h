#pragma once
#include <functional>
#include <map>
#include <memory>
#include <stdexcept>
#include <string>

class Gauge {
public:
    virtual ~Gauge() = default;
    virtual double read() const = 0;
};

class WindGauge : public Gauge {
public:
    double read() const override { return 7.5; }
};

class RainGauge : public Gauge {
public:
    double read() const override { return 0.2; }
};

class GaugeMaker {
public:
    GaugeMaker() {
        makers_["wind"] = [] { return std::make_unique<WindGauge>(); };
        makers_["rain"] = [] { return std::make_unique<RainGauge>(); };
    }

    std::unique_ptr<Gauge> make(const std::string& kind) const {
        auto maker = makers_.find(kind);
        if (maker == makers_.end()) {
            throw std::invalid_argument("no gauge of kind " + kind);
        }
        return maker->second();
    }

private:
    std::map<std::string, std::function<std::unique_ptr<Gauge>()>> makers_;
};
