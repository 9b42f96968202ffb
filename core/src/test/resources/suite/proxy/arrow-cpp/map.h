#pragma once
#include <memory>
#include <optional>
#include <string>

class Chart {
public:
    virtual ~Chart() = default;
    virtual int depthAt(double lat, double lon) const = 0;
    virtual std::string name() const = 0;
};

class PaperChart : public Chart {
public:
    explicit PaperChart(std::string sheet) : sheet_(std::move(sheet)) {}
    int depthAt(double lat, double lon) const override { return static_cast<int>(lat * lon) % 90; }
    std::string name() const override { return sheet_; }

private:
    std::string sheet_;
};

class LazyChart : public Chart {
public:
    explicit LazyChart(std::string sheet) : sheet_(std::move(sheet)) {}
    int depthAt(double lat, double lon) const override { return chart().depthAt(lat, lon); }
    std::string name() const override { return chart().name(); }

private:
    const PaperChart& chart() const {
        if (!chart_.has_value()) {
            chart_.emplace(sheet_);
        }
        return *chart_;
    }

    std::string sheet_;
    mutable std::optional<PaperChart> chart_;
};
