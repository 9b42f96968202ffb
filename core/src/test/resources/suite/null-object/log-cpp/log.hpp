#pragma once
#include <string>
#include <vector>

class Log {
public:
    virtual ~Log() = default;
    virtual void line(const std::string& text) = 0;
    virtual int count() const = 0;
};

class ListLog : public Log {
public:
    void line(const std::string& text) override { lines_.push_back(text); }
    int count() const override { return static_cast<int>(lines_.size()); }

private:
    std::vector<std::string> lines_;
};

class SilentLog : public Log {
public:
    void line(const std::string&) override {}
    int count() const override { return 0; }
};
