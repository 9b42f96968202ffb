#include "fees.h"

int main() {
    Berth<FlatFee> yacht{FlatFee{}};
    Berth<MetreFee> freighter{MetreFee{}};
    return yacht.due(12) + freighter.due(140);
}
