#pragma once

class Chocks {
public:
    void set() { set_ = true; }
    bool isSet() const { return set_; }

private:
    bool set_ = false;
};

class Cradle {
public:
    void lower(int centimetres) { depth_ += centimetres; }

private:
    int depth_ = 0;
};

class Capstan {
public:
    void pull() { ++turns_; }

private:
    int turns_ = 0;
};
