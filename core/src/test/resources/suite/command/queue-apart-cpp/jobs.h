#pragma once
#include <memory>
#include <queue>

class Gate {
public:
    void open() { open_ = true; }
private:
    bool open_ = false;
};

class Chamber {
public:
    void fillTo(int level) { level_ = level; }
private:
    int level_ = 0;
};

class LockJob {
public:
    virtual ~LockJob() = default;
    virtual void run() = 0;
};

class OpenGate : public LockJob {
public:
    explicit OpenGate(Gate& gate) : gate_(gate) {}
    void run() override { gate_.open(); }
private:
    Gate& gate_;
};

class FillChamber : public LockJob {
public:
    FillChamber(Chamber& chamber, int level) : chamber_(chamber), level_(level) {}
    void run() override { chamber_.fillTo(level_); }
private:
    Chamber& chamber_;
    int level_;
};

class JobQueue {
public:
    void put(std::unique_ptr<LockJob> job) { waiting_.push(std::move(job)); }
    std::unique_ptr<LockJob> take() {
        auto job = std::move(waiting_.front());
        waiting_.pop();
        return job;
    }
    bool empty() const { return waiting_.empty(); }
private:
    std::queue<std::unique_ptr<LockJob>> waiting_;
};

class LockKeeper {
public:
    void order(std::unique_ptr<LockJob> job) { queue_.put(std::move(job)); }
    void workOff() {
        while (!queue_.empty()) {
            std::unique_ptr<LockJob> job = queue_.take();
            job->run();
        }
    }
private:
    JobQueue queue_;
};

class Panel {
public:
    Panel(LockKeeper& keeper, Gate& gate, Chamber& chamber) : keeper_(keeper), gate_(gate), chamber_(chamber) {}
    void letThrough() {
        keeper_.order(std::make_unique<FillChamber>(chamber_, 4));
        keeper_.order(std::make_unique<OpenGate>(gate_));
    }
private:
    LockKeeper& keeper_;
    Gate& gate_;
    Chamber& chamber_;
};
