#pragma once

struct FlatFee {
    int cents(int) const { return 900; }
};

struct MetreFee {
    int cents(int metres) const { return metres * 140; }
};

template <typename Fee>
class Berth {
public:
    explicit Berth(Fee fee) : fee_(fee) {}
    int due(int metres) const { return fee_.cents(metres) + 50; }

private:
    Fee fee_;
};
