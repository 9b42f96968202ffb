#pragma once

template <class T>
class Counted {
public:
    static int alive() { return alive_; }

protected:
    Counted() { ++alive_; }
    ~Counted() { --alive_; }

private:
    static inline int alive_ = 0;
};
