#pragma once
#include <map>
#include <memory>
#include <string>

class LightPattern {
public:
    explicit LightPattern(std::string code) : code_(std::move(code)) {}
    const std::string& code() const { return code_; }
private:
    const std::string code_;
};

class LightPatterns {
public:
    std::shared_ptr<const LightPattern> get(const std::string& code) {
        auto found = patterns_.find(code);
        if (found == patterns_.end()) {
            found = patterns_.emplace(code, std::make_shared<LightPattern>(code)).first;
        }
        return found->second;
    }
private:
    std::map<std::string, std::shared_ptr<const LightPattern>> patterns_;
};

class Buoy {
public:
    Buoy(LightPatterns& patterns, const std::string& code) : light_(patterns.get(code)) {}
private:
    std::shared_ptr<const LightPattern> light_;
};
