#pragma once
#include <deque>
#include <functional>
#include <iostream>
#include <memory>
#include <string>
#include <variant>
#include <vector>

class Repair {
public:
    virtual ~Repair() = default;
    void run() {
        prepare();
        mend();
        if (needsTar()) tar();
    }

protected:
    virtual void prepare() {}
    virtual void mend() = 0;
    virtual bool needsTar() const { return false; }

private:
    void tar() { ++tarred_; }
    int tarred_ = 0;
};

class HerringRepair : public Repair {
protected:
    void mend() override { std::cout << "small mesh\n"; }
};

class TunaRepair : public Repair {
protected:
    void prepare() override { std::cout << "stretch\n"; }
    void mend() override { std::cout << "wide mesh\n"; }
    bool needsTar() const override { return true; }
};

class Job {
public:
    virtual ~Job() = default;
    virtual void execute() = 0;
    virtual void undo() = 0;
};

class Net {
public:
    void cut(int meshes) { meshes_ -= meshes; }
    void tie(int meshes) { meshes_ += meshes; }
    int meshes() const { return meshes_; }

private:
    int meshes_ = 400;
};

class CutJob : public Job {
public:
    CutJob(Net& net, int meshes) : net_(net), meshes_(meshes) {}
    void execute() override { net_.cut(meshes_); }
    void undo() override { net_.tie(meshes_); }

private:
    Net& net_;
    int meshes_;
};

class TieJob : public Job {
public:
    TieJob(Net& net, int meshes) : net_(net), meshes_(meshes) {}
    void execute() override { net_.tie(meshes_); }
    void undo() override { net_.cut(meshes_); }

private:
    Net& net_;
    int meshes_;
};

class Bench {
public:
    void todo(std::unique_ptr<Job> job) { jobs_.push_back(std::move(job)); }
    void work() {
        while (!jobs_.empty()) {
            jobs_.front()->execute();
            done_.push_back(std::move(jobs_.front()));
            jobs_.pop_front();
        }
    }
    void undo() {
        if (done_.empty()) return;
        done_.back()->undo();
        done_.pop_back();
    }

private:
    std::deque<std::unique_ptr<Job>> jobs_;
    std::vector<std::unique_ptr<Job>> done_;
};
