#include "freight.h"

using namespace aldera;
using namespace freight;

class Packer::Log::Entry
{
public:
    int weight;
};

void Packer::Log::note(int weight)
{
    last->weight = weight;
}

freight::Parcel* Packer::pack(int kind)
{
    switch (kind) {
    case 1:
        return new freight::Crate();
    case 2:
        return new Barrel();
    default:
        return nullptr;
    }
}

void freight::Barrel::stow()
{
    rolled = true;
}
