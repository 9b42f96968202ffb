class Sink {
public:
    virtual ~Sink() = default;
    void next(Sink* s) { next_ = s; }
    virtual void log(int level) = 0;
protected:
    Sink* next_ = nullptr;
};
class FileSink : public Sink {
public:
    void log(int level) override {
        if (level > 3) { written_++; return; }
        if (next_) next_->log(level);
    }
private:
    int written_ = 0;
};
class ScreenSink : public Sink {
public:
    void log(int level) override {
        if (level > 1) { shown_++; return; }
        if (next_) next_->log(level);
    }
private:
    int shown_ = 0;
};
class App {
public:
    void run(Sink& s) { s.log(2); }
};
