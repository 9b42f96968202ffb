#pragma once
#include <string>

class OldScale {
public:
    std::string readPounds(const std::string& slot) { return slot + ":12"; }
    void zero() {}
};

class Scale {
public:
    virtual ~Scale() = default;
    virtual double kilos(int platform) = 0;
    virtual void reset() = 0;
};

class OldScaleAdapter : public Scale {
public:
    explicit OldScaleAdapter(OldScale& old) : old_(old) {}
    double kilos(int platform) override { return toKilos(read(slotOf(platform))); }
    void reset() override { old_.zero(); }
private:
    std::string read(const std::string& slot) { return old_.readPounds(slot); }
    static std::string slotOf(int platform) { return "P" + std::to_string(platform); }
    static double toKilos(const std::string& text) { return std::stod(text.substr(text.find(':') + 1)) * 0.45; }
    OldScale& old_;
};

class Yard {
public:
    explicit Yard(Scale& scale) : scale_(scale) {}
    double take() { return scale_.kilos(2); }
private:
    Scale& scale_;
};
