#pragma once
#include <memory>
#include <string>
#include <unordered_map>

class Charts {
public:
    virtual ~Charts() = default;
    virtual std::string sheet(const std::string& area) = 0;
};

class PaperCharts : public Charts {
public:
    std::string sheet(const std::string& area) override { return "sheet of " + area + std::to_string(++opened_); }

private:
    int opened_ = 0;
};

class RememberedCharts : public Charts {
public:
    explicit RememberedCharts(std::unique_ptr<Charts> charts) : charts_(std::move(charts)) {}

    std::string sheet(const std::string& area) override {
        auto found = known_.find(area);
        if (found != known_.end()) {
            return found->second;
        }
        return known_.emplace(area, charts_->sheet(area)).first->second;
    }

private:
    std::unique_ptr<Charts> charts_;
    std::unordered_map<std::string, std::string> known_;
};
