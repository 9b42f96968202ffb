#pragma once
#include <memory>
#include <string>

class Chart {
public:
    explicit Chart(std::string region);
    ~Chart();
    double depthAt(double lat, double lon) const;
    std::string region() const;

private:
    struct Impl;
    std::unique_ptr<Impl> impl_;
};
