#pragma once

using Grind = double (*)(double grams);

double coarse(double grams);
double fine(double grams);

class Mill {
public:
    explicit Mill(Grind grind) : grind_(grind) {}
    void set(Grind grind) { grind_ = grind; }
    double run(double grams) const { return grind_(grams); }

private:
    Grind grind_;
};
