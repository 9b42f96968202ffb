#pragma once
#include <memory>
#include <string>
#include <vector>

class Participant;

class MooringTable {
public:
    virtual ~MooringTable() = default;
    virtual void heard(Participant* from, const std::string& word) = 0;
};

class Participant {
public:
    explicit Participant(MooringTable* table) : table_(table) {}
    virtual ~Participant() = default;
protected:
    MooringTable* table_;
};

class Tug : public Participant {
public:
    using Participant::Participant;
    void arrive() { table_->heard(this, "tug here"); }
    void pull() { lines_++; }
private:
    int lines_ = 0;
};

class Boatman : public Participant {
public:
    using Participant::Participant;
    void catchLine() { caught_ = true; table_->heard(this, "line fast"); }
    void standBy() { caught_ = false; }
private:
    bool caught_ = false;
};

class Winch : public Participant {
public:
    using Participant::Participant;
    void heave(int metres) { metres_ += metres; }
    void stop() { table_->heard(this, "stopped"); }
private:
    int metres_ = 0;
};

class BerthTable : public MooringTable {
public:
    BerthTable();
    void heard(Participant* from, const std::string& word) override;
    Tug& tug() { return *tug_; }
private:
    std::unique_ptr<Tug> tug_;
    std::unique_ptr<Boatman> boatman_;
    std::unique_ptr<Winch> winch_;
};
