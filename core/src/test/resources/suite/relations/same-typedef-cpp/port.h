#pragma once
#include <string>
#include <vector>

namespace port {

class Tug {
public:
    int power = 0;
};

class Crane {
public:
    int reach = 0;
};

class Yard {
public:
    typedef std::vector<Tug*> Row;
    typedef Row::const_iterator Place;
    void add(Tug* tug) { row_.push_back(tug); }
    Place first() const { return row_.begin(); }

private:
    Row row_;
};

class Quay {
public:
    typedef std::vector<Crane*> Row;
    typedef const Crane* Place;
    void add(Crane* crane) { row_.push_back(crane); }
    Place first() const { return row_.front(); }

private:
    Row row_;
};

class NorthQuay : public Quay {
public:
    Row spare_;
};

}
