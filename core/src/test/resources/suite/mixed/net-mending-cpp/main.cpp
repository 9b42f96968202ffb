#include "nets.hpp"

int main() {
    Net net;
    Bench bench;
    bench.todo(std::make_unique<CutJob>(net, 20));
    bench.todo(std::make_unique<TieJob>(net, 24));
    bench.work();
    bench.undo();
    HerringRepair herring;
    TunaRepair tuna;
    for (Repair* repair : {static_cast<Repair*>(&herring), static_cast<Repair*>(&tuna)}) repair->run();
    std::cout << net.meshes();
}
