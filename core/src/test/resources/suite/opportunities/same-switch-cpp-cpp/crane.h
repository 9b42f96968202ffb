#pragma once
#include <string>

enum class Mode { Idle, Lifting, Broken };

class Crane {
public:
    void command(const std::string& word) {
        switch (mode_) {
            case Mode::Idle:
                if (word == "lift") mode_ = Mode::Lifting;
                break;
            case Mode::Lifting:
                if (word == "stop") mode_ = Mode::Idle;
                break;
            case Mode::Broken:
                break;
        }
    }
    double power() const {
        switch (mode_) {
            case Mode::Idle: return 0.5;
            case Mode::Lifting: return 80;
            default: return 0;
        }
    }
    std::string lamp() const {
        if (mode_ == Mode::Idle) return "green";
        if (mode_ == Mode::Lifting) return "yellow";
        return "red";
    }
private:
    Mode mode_ = Mode::Idle;
};
