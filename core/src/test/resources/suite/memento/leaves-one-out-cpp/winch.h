#pragma once
#include <string>
#include <utility>
#include <vector>

class Winch {
public:
    class Mark {
    public:
        int turns() const { return turns_; }
    private:
        friend class Winch;
        Mark(int turns, std::string rope) : turns_(turns), rope_(std::move(rope)) {}
        int turns_;
        std::string rope_;
    };

    void wind(int turns) { turns_ += turns; heat_ += turns * 0.1; }
    void change(std::string rope) { rope_ = std::move(rope); }

    Mark mark() const { return Mark(turns_, rope_); }
    void rewindTo(const Mark& mark) {
        turns_ = mark.turns_;
        rope_ = mark.rope_;
    }

private:
    int turns_ = 0;
    double heat_ = 0;
    std::string rope_ = "hemp";
};

class WinchHand {
public:
    explicit WinchHand(Winch& winch) : winch_(winch) {}
    void wind(int turns) {
        if (!marks_.empty() && marks_.back().turns() > 100) return;
        marks_.push_back(winch_.mark());
        winch_.wind(turns);
    }
    void back() {
        if (marks_.empty()) return;
        winch_.rewindTo(marks_.back());
        marks_.pop_back();
    }
private:
    Winch& winch_;
    std::vector<Winch::Mark> marks_;
};
