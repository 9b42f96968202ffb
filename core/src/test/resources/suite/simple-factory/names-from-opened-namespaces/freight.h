#pragma once

namespace aldera {
namespace freight {

class Parcel
{
public:
    virtual ~Parcel() {}
    virtual void stow() = 0;
};

class Crate : public Parcel
{
public:
    void stow() override { closed = true; }

private:
    bool closed = false;
};

class Barrel : public Parcel
{
public:
    void stow() override;

private:
    bool rolled = false;
};

class Packer
{
public:
    static Parcel* pack(int kind);
    class Log;
};

class Packer::Log
{
public:
    void note(int weight);

private:
    class Entry;
    Entry* last;
};

}
}
