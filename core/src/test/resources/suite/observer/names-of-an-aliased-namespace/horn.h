#pragma once
#include <vector>

namespace aldera { namespace fog {

class Hearer
{
public:
    virtual ~Hearer() = default;
    virtual void blown(int seconds) = 0;
};

class Horn
{
public:
    void add(Hearer* hearer);
    void leave(Hearer* hearer);
    void blow(int seconds);

private:
    std::vector<Hearer*> hearers;
    int blownFor = 0;
};

}}
