#include "plugin.h"

#include <vector>

namespace audio {

class Rack {
public:
    void load(const std::string& name) { slots_.push_back(PluginRegistry::instance().make(name)); }

    void duplicate(std::size_t slot) { slots_.push_back(slots_.at(slot)->clone()); }

    float run(float sample) {
        for (auto& slot : slots_) sample = slot->process(sample);
        return sample;
    }

private:
    std::vector<std::unique_ptr<Plugin>> slots_;
};

}  // namespace audio

int main() {
    audio::Rack rack;
    rack.load("gain");
    rack.duplicate(0);
    return static_cast<int>(rack.run(1.0f));
}
