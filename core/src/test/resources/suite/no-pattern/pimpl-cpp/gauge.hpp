#pragma once
#include <memory>

class Gauge {
public:
    Gauge();
    ~Gauge();
    int level() const;
    void rise(int by);

private:
    struct Impl;
    std::unique_ptr<Impl> impl_;
};
