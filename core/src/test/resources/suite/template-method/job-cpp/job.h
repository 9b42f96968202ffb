class Job {
public:
    virtual ~Job() = default;
    void run() {
        prepare();
        work();
        done_ = true;
    }
private:
    virtual void prepare() = 0;
    virtual void work() = 0;
    bool done_ = false;
};
class Dredge : public Job {
private:
    void prepare() override { depth_ = 1; }
    void work() override { depth_++; }
    int depth_ = 0;
};
