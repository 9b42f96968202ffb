#include "horn.h"
#include <algorithm>

namespace af = aldera::fog;

void af::Horn::add(Hearer* hearer)
{
    hearers.push_back(hearer);
}

void af::Horn::leave(Hearer* hearer)
{
    hearers.erase(std::remove(hearers.begin(), hearers.end(), hearer), hearers.end());
}

void af::Horn::blow(int seconds)
{
    blownFor += seconds;
    for (auto* hearer : std::vector<Hearer*>(hearers)) {
        hearer->blown(blownFor);
    }
}

class Pilot : public af::Hearer
{
public:
    void blown(int seconds) override { heard = seconds; }

private:
    int heard = 0;
};

class Keeper : public af::Hearer
{
public:
    void blown(int seconds) override { total += seconds; }

private:
    int total = 0;
};
