#pragma once
class Pump {
public:
    static Pump* get();
    void run();
private:
    Pump();
    static Pump* pump_;
    int strokes_;
};
