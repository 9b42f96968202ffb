#include "codec.h"

namespace {
class PlainCodec : public Codec {
public:
    std::vector<char> encode(const std::string& text) const override { return {text.begin(), text.end()}; }
};

class RotCodec : public Codec {
public:
    std::vector<char> encode(const std::string& text) const override {
        std::vector<char> out;
        for (char c : text) out.push_back(static_cast<char>(c + 13));
        return out;
    }
};
}  // namespace

std::unique_ptr<Codec> makeCodec(const std::string& name) {
    if (name == "plain") return std::make_unique<PlainCodec>();
    if (name == "rot") return std::make_unique<RotCodec>();
    return nullptr;
}
