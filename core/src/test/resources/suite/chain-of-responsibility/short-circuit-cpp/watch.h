#pragma once
#include <string>

class Watch {
public:
    explicit Watch(Watch* next) : next_(next) {}
    virtual ~Watch() = default;
    bool hears(const std::string& call) const { return knows(call) || (next_ && next_->hears(call)); }

protected:
    virtual bool knows(const std::string& call) const = 0;

private:
    Watch* next_;
};

class DayWatch : public Watch {
public:
    using Watch::Watch;

protected:
    bool knows(const std::string& call) const override { return call == "day"; }
};

class NightWatch : public Watch {
public:
    using Watch::Watch;

protected:
    bool knows(const std::string& call) const override { return call.size() > 9; }
};
