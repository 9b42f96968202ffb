#pragma once
#include <memory>
#include <string>
#include <vector>

class Codec {
public:
    virtual ~Codec() = default;
    virtual std::vector<char> encode(const std::string& text) const = 0;
};

std::unique_ptr<Codec> makeCodec(const std::string& name);
