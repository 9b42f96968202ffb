#pragma once
#include <memory>
#include <string>

class Flag {
public:
    static std::shared_ptr<const Flag> of(const std::string& name);
    const std::string& name() const { return name_; }

private:
    explicit Flag(std::string name) : name_(std::move(name)) {}
    std::string name_;
};
