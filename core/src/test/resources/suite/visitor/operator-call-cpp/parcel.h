#pragma once
#include <memory>
#include <vector>

class Letter;
class Crate;

class ParcelVisitor {
public:
    virtual ~ParcelVisitor() = default;
    virtual void operator()(const Letter& letter) = 0;
    virtual void operator()(const Crate& crate) = 0;
};

class Parcel {
public:
    virtual ~Parcel() = default;
    virtual void accept(ParcelVisitor& visitor) const = 0;
};

class Letter : public Parcel {
public:
    void accept(ParcelVisitor& visitor) const override { visitor(*this); }
    int stamps() const { return stamps_; }

private:
    int stamps_ = 1;
};

class Crate : public Parcel {
public:
    void accept(ParcelVisitor& visitor) const override { visitor(*this); }
    double kilos() const { return kilos_; }

private:
    double kilos_ = 12.5;
};

class Postage : public ParcelVisitor {
public:
    void operator()(const Letter& letter) override { cents_ += letter.stamps() * 85; }
    void operator()(const Crate& crate) override { cents_ += static_cast<int>(crate.kilos() * 90); }
    int cents() const { return cents_; }

private:
    int cents_ = 0;
};

class Counting : public ParcelVisitor {
public:
    void operator()(const Letter&) override { ++letters_; }
    void operator()(const Crate&) override { ++crates_; }

private:
    int letters_ = 0;
    int crates_ = 0;
};
