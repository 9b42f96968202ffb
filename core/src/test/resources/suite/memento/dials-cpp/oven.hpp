#pragma once
#include <string>
#include <utility>
#include <vector>

class Oven {
public:
    class Settings {
    public:
        Settings(int degrees, std::string mode) : degrees_(degrees), mode_(std::move(mode)) {}

    private:
        friend class Oven;
        const int degrees_;
        const std::string mode_;
    };

    void turn(int degrees) { degrees_ = degrees; }
    void select(const std::string& mode) { mode_ = mode; }
    Settings store() const { return Settings(degrees_, mode_); }
    void recall(const Settings& settings) {
        degrees_ = settings.degrees_;
        mode_ = settings.mode_;
    }

private:
    int degrees_ = 0;
    std::string mode_ = "off";
};

class Memory {
public:
    void remember(const Oven& oven) { kept_.push_back(oven.store()); }
    void back(Oven& oven) {
        if (!kept_.empty()) {
            oven.recall(kept_.back());
            kept_.pop_back();
        }
    }

private:
    std::vector<Oven::Settings> kept_;
};
