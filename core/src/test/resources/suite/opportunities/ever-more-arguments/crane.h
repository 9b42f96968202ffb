#pragma once
#include <string>
#include <utility>

class Crane {
public:
    explicit Crane(std::string name) : Crane(std::move(name), 10) {}
    Crane(std::string name, int tons) : Crane(std::move(name), tons, 25) {}
    Crane(std::string name, int tons, int reach) : Crane(std::move(name), tons, reach, false) {}
    Crane(std::string name, int tons, int reach, bool rails)
        : name_(std::move(name)), tons_(tons), reach_(reach), rails_(rails) {}

    bool lifts(int weight) const { return weight <= tons_; }
    bool reaches(int metres) const { return rails_ || metres <= reach_; }
    const std::string& name() const { return name_; }

private:
    std::string name_;
    int tons_;
    int reach_;
    bool rails_;
};
