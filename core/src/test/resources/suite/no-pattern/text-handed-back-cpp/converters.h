#pragma once
#include <string>

struct Entry {
    std::string ship;
    int hour;
};

class Converter {
public:
    virtual ~Converter() = default;
    virtual void convert(std::string& result, const Entry& entry) = 0;
};

class Constant : public Converter {
public:
    explicit Constant(std::string text) : text_(std::move(text)) {}
    void convert(std::string& result, const Entry&) override { result = text_; }
private:
    std::string text_;
};

class ShipName : public Converter {
public:
    void convert(std::string& result, const Entry& entry) override { result = entry.ship; }
};
