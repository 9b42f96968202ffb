#pragma once
#include <vector>
struct Echo { double metres; double strength; };
class DepthSource { public: virtual ~DepthSource() = default; virtual std::vector<double> depths() = 0; };
class OldSonar {
public:
    int ping(Echo* out, int most) { for (int i = 0; i < most; ++i) out[i] = Echo{ i * 1.5, 0.4 }; return most; }
    void wake() { awake_ = true; }
private:
    bool awake_ = false;
};
class SonarDepths : public DepthSource {
public:
    explicit SonarDepths(OldSonar& sonar) : sonar_(sonar) {}
    std::vector<double> depths() override {
        sonar_.wake();
        Echo echoes[16];
        int count = sonar_.ping(echoes, 16);
        std::vector<double> all;
        for (int i = 0; i < count; ++i) if (echoes[i].strength > 0.2) all.push_back(echoes[i].metres);
        return all;
    }
private:
    OldSonar& sonar_;
};
class LeadLine : public DepthSource {
public:
    std::vector<double> depths() override { return { 4.0 }; }
};
class Pilotage {
public:
    explicit Pilotage(DepthSource& source) : source_(source) {}
    bool safe(double draught) { for (double d : source_.depths()) if (d < draught) return false; return true; }
private:
    DepthSource& source_;
};
