#pragma once

class Pump {
public:
    virtual ~Pump() = default;
    virtual int run(int minutes) = 0;
};

class DieselPump : public Pump {
public:
    int run(int minutes) override { total_ += minutes * 90; return total_; }

private:
    int total_ = 0;
};

class CountedPump : public Pump {
public:
    int run(int minutes) override {
        ++calls_;
        return pump_.run(minutes);
    }
    int calls() const { return calls_; }

private:
    DieselPump pump_;
    int calls_ = 0;
};
