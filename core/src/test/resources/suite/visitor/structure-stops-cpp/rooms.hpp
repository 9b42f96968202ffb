#pragma once
#include <memory>
#include <utility>
#include <vector>

class Bath;
class Hall;
class House;

class Inspector {
public:
    virtual ~Inspector() = default;
    virtual void bath(Bath& bath) = 0;
    virtual void hall(Hall& hall) = 0;
    virtual void house(House& house) = 0;
};

class Space {
public:
    virtual ~Space() = default;
    virtual void admit(Inspector& inspector) = 0;
};

class Bath : public Space {
public:
    void admit(Inspector& inspector) override { inspector.bath(*this); }
    bool damp() const { return true; }
};

class Hall : public Space {
public:
    void admit(Inspector& inspector) override { inspector.hall(*this); }
    int metres() const { return 9; }
};

class House : public Space {
public:
    void add(std::unique_ptr<Space> space) { spaces_.push_back(std::move(space)); }
    void admit(Inspector& inspector) override { inspector.house(*this); }
private:
    std::vector<std::unique_ptr<Space>> spaces_;
};
