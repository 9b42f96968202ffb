#pragma once
#include <string>
#include <vector>

class Survey {
public:
    virtual ~Survey() {}

    std::string report(const std::vector<double>& soundings) {
        std::string out = heading();
        for (double s : soundings) {
            if (counts(s)) {
                out += line(s);
            }
        }
        return out;
    }

protected:
    virtual std::string heading() const = 0;
    virtual std::string line(double metres) const = 0;
    virtual bool counts(double metres) const { return metres > 0; }
};

class ShallowSurvey final : public Survey {
protected:
    std::string heading() const override { return "shallows\n"; }
    std::string line(double metres) const override { return std::to_string(metres) + " !\n"; }
    bool counts(double metres) const override { return metres < 5; }
};

class FullSurvey final : public Survey {
protected:
    std::string heading() const override { return "all\n"; }
    std::string line(double metres) const override { return std::to_string(metres) + "\n"; }
};
