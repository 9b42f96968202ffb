#include <memory>
class Tender {
public:
    static std::unique_ptr<Tender> make(int seats) { return std::unique_ptr<Tender>(new Tender(seats)); }
    int seats() const { return seats_; }
private:
    explicit Tender(int seats) : seats_(seats) {}
    int seats_;
};
class Jetty {
public:
    int wait() { return Tender::make(4)->seats(); }
};
