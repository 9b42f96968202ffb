#include "plugin.h"

namespace audio {

class Gain final : public Plugin {
public:
    float process(float sample) override { return sample * gain_; }
    std::unique_ptr<Plugin> clone() const override { return std::make_unique<Gain>(*this); }

private:
    float gain_ = 0.5f;
};

class Delay final : public Plugin {
public:
    float process(float sample) override {
        const float out = line_[at_];
        line_[at_] = sample;
        at_ = (at_ + 1) % 64;
        return out;
    }
    std::unique_ptr<Plugin> clone() const override { return std::make_unique<Delay>(*this); }

private:
    float line_[64] = {};
    std::size_t at_ = 0;
};

static const Registered<Gain> gain("gain");
static const Registered<Delay> delay("delay");

}  // namespace audio
