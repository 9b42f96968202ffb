#pragma once

class VendorScope {
public:
    explicit VendorScope(int channel) : channel_(channel) {}
    int status() const { return channel_ > 0 ? 1 : 0; }
    int read_target(int index, float* angle, float* metres);
private:
    int channel_;
};
