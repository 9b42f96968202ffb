#pragma once
#include <string>
#include <vector>

class Plotter;

class Saved {
    friend class Plotter;
    std::vector<std::string> marks_;
    double scale_;

    Saved(std::vector<std::string> marks, double scale) : marks_(std::move(marks)), scale_(scale) {}
};

class Plotter {
public:
    void mark(const std::string& text) { marks_.push_back(text); }
    void zoom(double factor) { scale_ *= factor; }
    Saved keep() const { return Saved(marks_, scale_); }
    void back(const Saved& saved) {
        marks_ = saved.marks_;
        scale_ = saved.scale_;
    }

private:
    std::vector<std::string> marks_;
    double scale_ = 1.0;
};

class Undo {
public:
    explicit Undo(Plotter& plotter) : plotter_(plotter) {}
    void remember() { kept_.push_back(plotter_.keep()); }
    void undo() {
        if (!kept_.empty()) {
            plotter_.back(kept_.back());
            kept_.pop_back();
        }
    }

private:
    Plotter& plotter_;
    std::vector<Saved> kept_;
};
