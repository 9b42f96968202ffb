#include "gauge.hpp"

struct Gauge::Impl {
    int level = 0;
};

Gauge::Gauge() : impl_(std::make_unique<Impl>()) {}
Gauge::~Gauge() = default;

int Gauge::level() const { return impl_->level; }
void Gauge::rise(int by) { impl_->level += by; }
