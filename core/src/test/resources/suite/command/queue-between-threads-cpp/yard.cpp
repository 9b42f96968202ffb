#include <condition_variable>
#include <memory>
#include <mutex>
#include <queue>
struct Job { virtual ~Job() = default; virtual void run() = 0; };
class Crane { int n = 0; public: void lift() { ++n; } void rest() { n = 0; } };
struct Lift : Job { Crane& c; explicit Lift(Crane& c) : c(c) {} void run() override { c.lift(); } };
struct Rest : Job { Crane& c; explicit Rest(Crane& c) : c(c) {} void run() override { c.rest(); } };
class Yard {
    std::queue<std::unique_ptr<Job>> jobs; std::mutex m; std::condition_variable cv; bool open = true;
public:
    void post(std::unique_ptr<Job> j) { { std::lock_guard l(m); jobs.push(std::move(j)); } cv.notify_one(); }
    void work() {
        while (open) {
            std::unique_lock l(m);
            cv.wait(l, [this] { return !jobs.empty(); });
            auto j = std::move(jobs.front());
            jobs.pop();
            l.unlock();
            j->run();
        }
    }
};
int main() { Yard y; Crane c; y.post(std::make_unique<Lift>(c)); y.post(std::make_unique<Rest>(c)); y.work(); }
